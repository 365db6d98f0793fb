package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.HoleChanges;
import java.util.stream.Stream;

/** What closes an opening fits into it: 25.4 mm for a cable fitting, 15.9 mm for a small grommet; common practice. */
final class HoleTooSmall implements Rule {

    /** What rounding of a drill takes [m]. */
    private static final double SLACK_M = 0.0002;

    @Override
    public Identity identity() {
        return new Identity("cable.hole-too-small", Link.CABLE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(HoleChanges.schedule(line), (worst, hole) -> {
            if (hole.decided() && hole.buys() && hole.openingM() > 0) {
                double over = hole.openingM() - hole.wantsM();
                worst.add(
                        over < -SLACK_M ? over / hole.wantsM() : 1,
                        "A {} wants a hole of {}; the {} is {} wide.",
                        hole.closedBy().words(),
                        new Amount(hole.wantsM(), Unit.FINE_MILLIMETRE),
                        hole.name(),
                        new Amount(hole.openingM(), Unit.FINE_MILLIMETRE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return HoleChanges.wider(line);
    }
}
