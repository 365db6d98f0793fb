package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.protection.ProtectionState.Place;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.fuse.FuseChanges;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Segment;
import java.util.List;
import java.util.stream.Stream;

/** A fuse far along a sheathed lead is allowed, and leaves all before it bare: common practice puts it at the battery. */
final class BareRun implements Rule {

    private static final double FAR = 0.1;

    @Override
    public Identity identity() {
        return new Identity("fuse.bare-run", Link.FUSE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(Protection.STAGE).map(ProtectionState::fuses), (worst, duty) -> {
            if (duty.place().first()) {
                Segment segment = line.rig().harness().segments().get(duty.segment());
                worst.add(
                        duty.place().distanceM() > Place.BARE_M ? FAR : 1,
                        "The {} sits {} along: so much wire before it{} is protected by nothing.",
                        duty.name(),
                        new Amount(duty.place().distanceM(), Unit.METRE),
                        plugs(segment, duty.fitting()));
            }
        });
    }

    /** What is plugged or crimped ahead of the fuse. */
    private static String plugs(Segment segment, int fuse) {
        List<String> ahead = segment.fittings().subList(0, fuse).stream()
                .filter(Fitting.Joint.class::isInstance)
                .map(Fitting::name)
                .toList();
        return ahead.isEmpty() ? "" : ", with " + String.join(" and ", ahead) + ",";
    }

    @Override
    public Stream<Change> cures(Line line) {
        return FuseChanges.move(line);
    }
}
