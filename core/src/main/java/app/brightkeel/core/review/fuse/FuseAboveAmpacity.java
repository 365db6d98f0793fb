package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.fuse.FuseChanges;
import app.brightkeel.core.review.change.wire.WireChanges;
import java.util.stream.Stream;

/** No fuse is larger than the thinnest wire behind it may carry: the fuse opens before the wire burns. */
final class FuseAboveAmpacity implements Rule {

    @Override
    public Identity identity() {
        return new Identity("fuse.above-ampacity", Link.FUSE, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(Protection.STAGE).map(ProtectionState::fuses), (worst, duty) -> {
            worst.add(
                    WorstOf.within(duty.zone().letsA(), Math.max(duty.zone().ampacityA(), 1e-9)),
                    duty.zone().letsA() > duty.ratingA()
                            ? "The {} and those of batteries joined with its own let {} through; {} may carry {}."
                            : "The {} is {}; the thinnest wire behind it, {}, may carry {}.",
                    duty.name(),
                    new Amount(duty.zone().letsA(), Unit.RATING),
                    line.rig().harness().segments().get(duty.zone().thinnest()).name(),
                    new Amount(duty.zone().ampacityA(), Unit.AMPERE));
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(FuseChanges.rate(line), WireChanges.thicker(line));
    }
}
