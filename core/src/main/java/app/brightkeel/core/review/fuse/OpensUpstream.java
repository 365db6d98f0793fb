package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.fuse.FuseChanges;
import java.util.List;
import java.util.stream.Stream;

/**
 * A fault of one branch opens that branch, not the fuse that feeds the others too: likely from 1.6 times its rating on,
 * certain by the band of ISO 8820-3 from about 3 (from memory).
 */
final class OpensUpstream implements Rule {

    /** Ratio from which the bands no longer overlap. */
    private static final double CERTAIN = 3;

    @Override
    public Identity identity() {
        return new Identity("fuse.opens-upstream", Link.FUSE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        List<FuseDuty> duties =
                line.get(Protection.STAGE).map(ProtectionState::fuses).orElse(List.of());
        WorstOf worst = new WorstOf();
        for (FuseDuty duty : duties) {
            if (duty.place().upstream() >= 0) {
                FuseDuty up = duties.get(duty.place().upstream());
                // where it feeds nothing else it does not matter which of the two opens
                if (up.behind().size() > duty.behind().size()) {
                    worst.add(
                            headroom(up.ratingA() / duty.ratingA()),
                            "A fault behind the {} ({}) may open the {} ({}) first and take the others with it.",
                            duty.name(),
                            new Amount(duty.ratingA(), Unit.RATING),
                            up.name(),
                            new Amount(up.ratingA(), Unit.RATING));
                }
            }
        }
        return worst.judgement();
    }

    private static double headroom(double ratio) {
        return ratio < FuseTables.LIKELY_OUTLASTS
                ? COMFORTABLE * (ratio - 1) / (FuseTables.LIKELY_OUTLASTS - 1)
                : COMFORTABLE
                        + (1 - COMFORTABLE)
                                * Math.min(
                                        1,
                                        (ratio - FuseTables.LIKELY_OUTLASTS) / (CERTAIN - FuseTables.LIKELY_OUTLASTS));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return FuseChanges.rate(line);
    }
}
