package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.fuse.FuseChanges;
import app.brightkeel.core.review.change.wire.WireChanges;
import java.util.stream.Stream;

/**
 * A short at the far end draws at least twice the rating, else the lead may burn without the fuse opening; it cannot where
 * the battery drives no more than the wire may carry.
 */
final class FarEndShort implements Rule {

    private static final double LEAST_MULTIPLE = 2;

    /** Multiple from which it is comfortable; common practice, no source. */
    private static final double EASY_MULTIPLE = 2.5;

    @Override
    public Identity identity() {
        return new Identity("fuse.far-end-short", Link.FUSE, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(Protection.STAGE).map(ProtectionState::fuses), (worst, duty) -> {
            double smallest = FuseTables.smallestFor(duty.loadA());
            if (duty.breaksA() <= duty.zone().ampacityA()) {
                worst.add(
                        duty.ratingA() <= smallest ? 1 : COMFORTABLE * smallest / duty.ratingA(),
                        "The battery limits itself: a dead short draws {} at most, and {} may carry {}. No fuse opens for "
                                + "that; the smallest that carries the load, {}, is wanted all the same, not {}.",
                        new Amount(duty.breaksA(), Unit.AMPERE),
                        line.rig()
                                .harness()
                                .segments()
                                .get(duty.zone().thinnest())
                                .name(),
                        new Amount(duty.zone().ampacityA(), Unit.AMPERE),
                        new Amount(smallest, Unit.RATING),
                        new Amount(duty.ratingA(), Unit.RATING));
            } else if (Double.isFinite(duty.zone().farShortA())) {
                double multiple = duty.zone().farShortA() / duty.ratingA();
                worst.add(
                        COMFORTABLE * (multiple - LEAST_MULTIPLE) / (EASY_MULTIPLE - LEAST_MULTIPLE),
                        "A short at the far end draws {} from a cold, nearly empty pack; the {} needs {} to open.",
                        new Amount(duty.zone().farShortA(), Unit.AMPERE),
                        duty.name(),
                        new Amount(LEAST_MULTIPLE * duty.ratingA(), Unit.AMPERE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(FuseChanges.rate(line), WireChanges.thicker(line));
    }
}
