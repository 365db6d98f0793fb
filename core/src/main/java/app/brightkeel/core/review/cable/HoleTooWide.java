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

/** A grommet or fitting holds in a hole of its size, not in one far wider; a split grommet is cut to any. */
final class HoleTooWide implements Rule {

    /** So much wider the rim of a grommet or the flange of a fitting still covers; common practice, no source [m]. */
    private static final double COVERS_M = 0.003;

    @Override
    public Identity identity() {
        return new Identity("cable.hole-too-wide", Link.CABLE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(HoleChanges.schedule(line), (worst, hole) -> {
            if (hole.decided() && hole.closedBy().holeM() > 0 && hole.openingM() > 0) {
                double over = hole.openingM() - hole.closedBy().holeM();
                worst.add(
                        WorstOf.within(Math.max(0, over), COVERS_M),
                        "A {} is for a hole of {}; the {} is {} wide: it falls through.",
                        hole.closedBy().words(),
                        new Amount(hole.closedBy().holeM(), Unit.FINE_MILLIMETRE),
                        hole.name(),
                        new Amount(hole.openingM(), Unit.FINE_MILLIMETRE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(HoleChanges.closed(line), HoleChanges.smaller(line));
    }
}
