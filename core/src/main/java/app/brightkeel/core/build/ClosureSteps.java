package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Closure;
import app.brightkeel.core.rig.ClosureKind;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Seating;
import java.util.List;
import java.util.Set;

/** Covers, seats and the like that a person declared: off before anything under them, on again last, counted both times. */
final class ClosureSteps implements StepsOf {

    /** One screw undone or driven by hand [min]; common practice, no source. */
    private static final double SCREW_MIN = 0.5;

    private final SheetWriter sheet;

    ClosureSteps(SheetWriter sheet) {
        this.sheet = sheet;
    }

    @Override
    public void tell() {
        for (Closure each : sheet.rig().fitOut().closures()) {
            String off = each.there() ? sheet.add(off(sheet.rig(), each)) : "";
            String on = sheet.add(on(each));
            sheet.closes(closing(each, on, off));
            sheet.add(sheet.step(StepKind.PINCH, each.id(), "look round the {} for pinched leads", each.name())
                    .of(each.id())
                    .check(
                            "pinch",
                            "no lead is flat or caught anywhere under its edge",
                            "a flat lead is cut by spring"));
        }
    }

    /** What it shuts away, whatever step does it. */
    static Closing closing(Closure each) {
        return closing(each, StepKind.SHUT.of(each.id()), StepKind.OPEN.of(each.id()));
    }

    private static Closing closing(Closure each, String on, String off) {
        return new Closing(
                on,
                off,
                Set.copyOf(each.stations()),
                Set.copyOf(each.parts()),
                each.name(),
                each.kind().inner() ? Closing.Lies.INSIDE : Closing.Lies.OVER);
    }

    /** Taken off, with what held it counted into the tray. */
    static StepDraft off(Rig rig, Closure each) {
        int screws = screws(rig, each);
        StepDraft draft = new StepDraft(
                        StepKind.OPEN,
                        each.id(),
                        Text.of("{} the {}", each.kind().off(), each.name()))
                .of(each.id())
                .sayIf(screws > 0, "Count what comes out, into the tray: {}.", screws)
                .sayIf(each.gasket(), "Its gasket stays with it, flat and out of the dust; a torn one is replaced.")
                .minutes(StepKind.OPEN.minutes() + SCREW_MIN * screws);
        fasteners(rig, each)
                .forEach(screw -> draft.of(screw.id())
                        .fact(screw.name(), "{}", screw.count())
                        .tool("tray for small parts"));
        return draft;
    }

    private StepDraft on(Closure each) {
        StepDraft draft = on(sheet.rig(), each, each.there());
        fasteners(sheet.rig(), each).forEach(screw -> FastenerWords.tell(draft, screw));
        return draft;
    }

    /**
     * Put on, with how it sits looked at, and what holds it counted out of the tray.
     *
     * @param back whether it was on before
     */
    static StepDraft on(Rig rig, Closure each, boolean back) {
        int screws = screws(rig, each);
        Seating seating = each.seating();
        StepDraft draft = new StepDraft(
                        StepKind.SHUT,
                        each.id(),
                        Text.of("{} the {}", each.kind().on(), each.name()))
                .of(each.id())
                .fact("sits right", "{}", seating.words())
                .sayIf(each.kind() == ClosureKind.ZIP, "Gradually, the other hand inside before the teeth.")
                .sayIf(screws > 1, "All of them by hand first, then crosswise.")
                .minutes(StepKind.SHUT.minutes() + SCREW_MIN * screws);
        if (!each.under().isEmpty()) {
            draft.fact("under it", "{}", each.under())
                    .check("under", "under it: " + each.under(), "it has to come off again for what was forgotten");
        }
        if (each.gasket()) {
            draft.check("gasket", "its gasket is whole and clean, and lies all round", "sand in a seal is a leak");
        }
        draft.check("seated", seating.see(), seating.why());
        if (screws > 0) {
            draft.check(
                    "screws",
                    Text.of(
                            back
                                    ? "{} went back, as many as came off, and the tray is empty"
                                    : "{} went in, and the tray is empty",
                            screws),
                    "one that is left over is missing in the hull, or lies under the cover");
        }
        return draft;
    }

    /** Off or on again by a hand that knows it [min]. */
    static double handMin(Rig rig, Closure each) {
        return SCREW_MIN * Math.max(1, screws(rig, each));
    }

    private static List<Fastener> fasteners(Rig rig, Closure each) {
        return rig.fitOut().fasteners().stream()
                .filter(screw -> screw.of().equals(each.id()))
                .toList();
    }

    private static int screws(Rig rig, Closure each) {
        return fasteners(rig, each).stream().mapToInt(Fastener::count).sum();
    }

    @Override
    public void order() {
        for (Closure each : sheet.rig().fitOut().closures()) {
            sheet.first(StepKind.SHUT.of(each.id()), StepKind.PINCH.of(each.id()), "it is not on yet");
        }
    }
}
