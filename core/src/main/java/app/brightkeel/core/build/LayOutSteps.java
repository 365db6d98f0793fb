package app.brightkeel.core.build;

import app.brightkeel.core.enclosure.Fit;
import app.brightkeel.core.enclosure.FitStage;
import app.brightkeel.core.enclosure.Fits;
import app.brightkeel.core.parts.FastenerList;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Way;
import app.brightkeel.core.rig.Zone;
import app.brightkeel.core.route.LaidCable;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Measure, try everything in its place, lay the leads loosely, and look at all of it from the seat before anything is cut. */
final class LayOutSteps implements StepsOf {

    /** Of the whole rig. */
    static final String LAYOUT = "layout";

    private final SheetWriter sheet;
    private final List<LaidCable> laid;

    LayOutSteps(SheetWriter sheet) {
        this.sheet = sheet;
        laid = sheet.laid();
    }

    @Override
    public void tell() {
        if (!sheet.rig().fitOut().fasteners().isEmpty()) {
            count();
        }
        if (!laid.isEmpty()) {
            ways();
        }
        sheet.line().get(FitStage.STAGE).orElse(new Fits(List.of())).all().forEach(this::room);
        sheet.rig().devices().forEach(this::device);
        sheet.rig().fitOut().boxes().forEach(this::box);
        laid.forEach(this::lay);
        if (!sheet.of(StepKind.FIT).isEmpty() || !laid.isEmpty()) {
            signOff();
        }
    }

    /** By size, whatever they fasten: what the kit has, and what it has not. */
    private void count() {
        StepDraft draft = sheet.step(StepKind.COUNT, "fasteners", "count screws, bolts and rivets by size")
                .say("Into a tray, by size; one that is missing is bought before anything is open.");
        Set<String> told = new HashSet<>();
        for (FastenerList.Row row : FastenerList.of(sheet.rig())) {
            String size = row.size().plain();
            if (told.add(size)) {
                String missing = row.missing() > 0 ? ", " + row.missing() + " to be had" : "";
                draft.fact(size, "{} of {}", row.there(), row.alike())
                        .say("{}: {} wanted, {} there{}.", row.size(), row.alike(), row.there(), missing);
            }
        }
        sheet.add(draft.times(told.size()));
    }

    private void ways() {
        StepDraft draft = sheet.step(StepKind.MEASURE, "ways", "measure the ways of the leads with a string")
                .say("Along every bend, over the same edges as the lead will go; nothing is cut before.");
        Set<Passage> passages = new LinkedHashSet<>();
        for (LaidCable each : laid) {
            passages.addAll(each.legs());
            draft.say(
                    "{}: {} planned, slack with it; there is {}.",
                    each.name(),
                    new Amount(each.neededM(), Unit.METRE),
                    new Amount(each.suppliedM(), Unit.METRE));
            draft.fact(
                    each.name(),
                    "{} of {}",
                    new Amount(each.neededM(), Unit.METRE),
                    new Amount(each.suppliedM(), Unit.METRE));
            draft.of(each.carries());
        }
        for (Passage passage : passages) {
            draft.at(passage.from(), passage.to());
        }
        sheet.add(draft.times(laid.size())
                .piece(Piece.Of.CRAFT, laid.stream().map(LaidCable::carries).toList()));
    }

    private void room(Fit fit) {
        StepDraft draft = sheet.step(StepKind.MEASURE, fit.station(), "measure the room: {}", fit.place())
                .say(
                        "Inside {} × {} × {}; {} takes {} × {} × {} with its plugs.",
                        mm(fit.room().deepM()),
                        mm(fit.room().wideM()),
                        mm(fit.room().tallM()),
                        fit.name(),
                        mm(fit.around().deepM()),
                        mm(fit.around().wideM()),
                        mm(fit.around().tallM()))
                .say("At the narrowest, ribs and rims with it.")
                .fact(
                        "room",
                        "{} × {} × {}",
                        mm(fit.room().deepM()),
                        mm(fit.room().wideM()),
                        mm(fit.room().tallM()))
                .fact(
                        "taken",
                        "{} × {} × {}",
                        mm(fit.around().deepM()),
                        mm(fit.around().wideM()),
                        mm(fit.around().tallM()))
                .at(fit.station());
        fit.pieces().forEach(piece -> draft.of(piece.item()));
        sheet.add(draft.minutes(4));
    }

    private static Amount mm(double metres) {
        return new Amount(metres, Unit.MILLIMETRE);
    }

    private void device(Device device) {
        String station = sheet.rig().stationOf(device.id());
        if (station.isEmpty() || !device.kind().display()) {
            return;
        }
        StepDraft draft = sheet.step(
                        StepKind.FIT,
                        device.id(),
                        "hold the {} where it will stand: {}",
                        device.name(),
                        sheet.nameOfStation(station))
                .fact("place", "{}", sheet.nameOfStation(station))
                .say("Taped or held, nothing fixed.")
                .at(station)
                .of(device.id());
        sheet.rig()
                .holderOf(device.id())
                .ifPresent(holder -> draft.of(holder.id())
                        .fact("holder", "{}", holder.name())
                        .say("With the {} under it.", holder.name()));
        seen(device).ifPresent(from -> {
            draft.say("It should stand {} from the eye.", new Amount(from.eyeM(), Unit.METRE));
            draft.fact("from the eye", "{}", new Amount(from.eyeM(), Unit.METRE));
        });
        sheet.add(draft.piece(Piece.Of.CRAFT, List.of(device.id())));
    }

    private Optional<Seated.FromSeat> seen(Device device) {
        return sheet.line().get(SeatStage.STAGE).map(Seated::things).orElse(List.of()).stream()
                .filter(thing -> thing.thing().id().equals(device.id()))
                .findFirst();
    }

    private void box(Enclosure box) {
        List<String> inside = sheet.rig().harness().packs().stream()
                .filter(pack -> sheet.rig().stationOf(pack.id()).equals(box.station()))
                .map(Pack::name)
                .toList();
        StepDraft draft = sheet.step(
                        StepKind.FIT,
                        box.id(),
                        "stand the {} in its place: {}",
                        box.name(),
                        sheet.nameOfStation(box.station()))
                .fact("place", "{}", sheet.nameOfStation(box.station()))
                .say("Everything that goes in lies in it once, and its {} shuts.", lid(box))
                .sayIf(!inside.isEmpty(), "In it: {}.", String.join(", ", inside))
                .at(box.station())
                .of(box.id());
        sheet.add(draft.piece(Piece.Of.CRAFT, List.of(box.id())));
    }

    /** What shuts a box. */
    static String lid(Enclosure box) {
        return switch (box.kind()) {
            case BAG -> "mouth or zip";
            case BUCKET, BOX, CASE, SHUTTLE -> "lid";
            case POD -> "cap";
        };
    }

    private void lay(LaidCable each) {
        String way = each.legs().stream().map(Passage::name).collect(Collectors.joining(", then "));
        StepDraft draft = sheet.step(StepKind.LAY, each.carries(), "lay the {} loosely along its way", each.name())
                .say(
                        each.spareM() < 0 ? "{}. It is {} short." : "{}. {} should be left over.",
                        way,
                        new Amount(Math.abs(each.spareM()), Unit.METRE))
                .fact("way", "{}", way)
                .fact("left over", "{}", new Amount(each.spareM(), Unit.METRE))
                .sayIf(
                        each.legs().stream().anyMatch(leg -> leg.way().drills()),
                        "Where it will go through a hole it lies over the place for now.")
                .at(each.stations())
                .of(each.carries());
        sheet.add(draft.piece(Piece.Of.CRAFT, List.of(each.carries())));
    }

    private void signOff() {
        StepDraft draft = sheet.step(StepKind.SIGN_OFF, LAYOUT, "look at the dry layout as it will be used")
                .say("Sit as you fish. A hole is not moved; a strip of tape is.");
        for (Device device : sheet.rig().devices()) {
            if (sheet.has(StepKind.FIT.of(device.id()))) {
                screen(draft, device);
            }
        }
        boolean ice = sheet.rig().craft().kind().onIce();
        if (ice) {
            draft.check(
                    "seat",
                    "rod, hand and line go past lead and screen",
                    "a lead in the way is the first thing a fish finds");
        } else {
            draft.check(
                            "paddle",
                            "paddle or pedals clear everything on both sides",
                            "knocked once in the shop, knocked all day afloat")
                    .check(
                            "land",
                            "a fish comes aboard on its side without meeting lead or screen",
                            "lines and hooks find what stands out")
                    .check("out", "the way out of the craft is free of cords and leads", "what holds you in a capsize");
        }
        laid.stream()
                .filter(each -> each.legs().stream().anyMatch(leg -> leg.crosses() != Zone.NONE))
                .forEach(each -> draft.check(
                        "crosses-" + each.carries(),
                        Text.of("the {} stays clear where it crosses {}", each.name(), crossed(each)),
                        "what moves cuts what lies in its way"));
        if (laid.stream()
                .flatMap(each -> each.legs().stream())
                .anyMatch(leg -> leg.way().underLid() || leg.way() == Way.HATCH_COVER)) {
            draft.check(
                    "hatch",
                    "every hatch opens fully and shuts with the leads in",
                    "a lid that does not shut lets water in");
        }
        laid.forEach(each -> draft.fact(
                "way of the " + each.name(),
                "{}",
                each.legs().stream().map(Passage::name).collect(Collectors.joining(", "))));
        draft.check("reach", "every lead reaches with its slack", "short by a hand is found after the hole is there");
        for (Step step : sheet.of(StepKind.FIT)) {
            draft.at(step.places()).of(step.parts());
        }
        laid.forEach(each -> draft.at(each.stations()).of(each.carries()));
        sheet.add(draft.piece(
                Piece.Of.CRAFT, laid.stream().map(LaidCable::carries).toList()));
    }

    private static String crossed(LaidCable each) {
        return each.crossing().stream()
                .map(leg -> leg.crosses().words())
                .distinct()
                .collect(Collectors.joining(" and "));
    }

    private void screen(StepDraft draft, Device device) {
        Optional<Seated.FromSeat> seen = seen(device);
        draft.check(
                "read-" + device.id(),
                seen.map(from -> Text.of(
                                "the {} is read from {} and its keys are reached",
                                device.name(),
                                new Amount(from.eyeM(), Unit.METRE)))
                        .orElse(Text.of("the {} is read and its keys are reached from where you sit", device.name())),
                "what is too far is never looked at");
        draft.fact(
                "place of the " + device.name(),
                "{}",
                sheet.nameOfStation(sheet.rig().stationOf(device.id())));
        seen.ifPresent(
                from -> draft.fact("from the eye to the " + device.name(), "{}", new Amount(from.eyeM(), Unit.METRE)));
    }

    @Override
    public void order() {
        String sign = StepKind.SIGN_OFF.of(LAYOUT);
        String why = "a hole is not moved: first the dry layout is seen";
        sheet.first(sheet.of(StepKind.FIT), sign, "all of it is looked at together");
        sheet.first(sheet.of(StepKind.LAY), sign, "all of it is looked at together");
        sheet.first(sheet.of(StepKind.TRY_ON), sign, "all of it is looked at together");
        sheet.first(sheet.of(StepKind.MEASURE), sign, "what was measured decides the layout");
        sheet.then(StepKind.MEASURE.of("ways"), sheet.of(StepKind.LAY), "a lead is laid along what was measured");
        sheet.then(sign, sheet.of(StepKind.MARK), why);
        sheet.then(sign, sheet.of(StepKind.FASTEN), "nothing is fixed before the layout is seen");
        sheet.then(sign, sheet.of(StepKind.CUT_WIRE), "a wire is cut to the way that was seen");
    }
}
