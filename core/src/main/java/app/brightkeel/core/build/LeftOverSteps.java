package app.brightkeel.core.build;

import app.brightkeel.core.parts.PartsList;
import app.brightkeel.core.rig.Extra;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.Segment;
import java.util.List;

/** Caps, hoods, tethers, spares: the small things that are part of the rig and of nothing else. */
final class LeftOverSteps implements StepsOf {

    private final SheetWriter sheet;

    LeftOverSteps(SheetWriter sheet) {
        this.sheet = sheet;
    }

    @Override
    public void tell() {
        for (Extra extra : sheet.rig().fitOut().extras()) {
            boolean tied = sheet.has(StepKind.TETHER.of(extra.id()));
            if (extra.kind() == ExtraKind.TETHER && !tied) {
                sheet.add(about(StepKind.TETHER, extra, "tie the {}", extra.name())
                        .say("One line to the craft, shorter than the way into the water."));
            } else if (!tied) {
                sheet.add(about(
                                StepKind.CAP,
                                extra,
                                extra.kind() == ExtraKind.SLEEVE ? "put on the {}" : "have the {} in its place",
                                extra.name())
                        .say("It {}.", extra.kind().use()));
            }
        }
        for (Fastener each : sheet.rig().fitOut().fasteners()) {
            if (sheet.all(step -> step.parts().contains(each.id())).isEmpty()) {
                StepDraft draft = sheet.step(StepKind.FASTEN, each.id(), "drive the {}", each.name());
                FastenerWords.tell(draft, each);
                sheet.add(draft.of(each.of()));
            }
        }
        for (Segment spare : sheet.rig().harness().spares()) {
            StepDraft draft = sheet.step(StepKind.CAP, spare.id(), "stow the {}", spare.name())
                    .say("Its ends capped, its plug tried in the battery once, dry, with spare fuses.")
                    .fact("end", "{}", spare.start().words())
                    .of(spare.id());
            spare.fittings().forEach(each -> draft.of(each.id()));
            sheet.add(draft);
        }
    }

    private StepDraft about(StepKind kind, Extra extra, String title, Object... parts) {
        return sheet.step(kind, extra.id(), title, parts)
                .fact("of", "{}", named(extra.of()))
                .of(extra.id())
                .of(extra.of())
                .at(sheet.rig().stationOf(extra.of()));
    }

    private String named(String part) {
        return PartsList.of(sheet.rig()).stream()
                .filter(each -> each.id().equals(part))
                .map(PartsList.Part::name)
                .findFirst()
                .orElse("the rig");
    }

    @Override
    public void order() {
        List<Extra> extras = sheet.rig().fitOut().extras();
        for (Extra extra : extras) {
            sheet.first(StepKind.SET.of(extra.of()), StepKind.CAP.of(extra.id()), "there is nothing to cover yet");
            if (extra.kind() == ExtraKind.SLEEVE) {
                sheet.first(
                        StepKind.ROUTE.of(extra.of()),
                        StepKind.CAP.of(extra.id()),
                        "the lead lies along its way first");
            }
        }
    }
}
