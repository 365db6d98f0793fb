package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.review.change.cable.HoleChanges;
import app.brightkeel.core.rig.Figure;
import java.util.stream.Stream;

/** A hole leaves a margin of the part it is in. */
final class HoleLargerThanPart implements Rule {

    /** Left on each side; common practice, no source [m]. */
    static final double EDGE_M = 0.010;

    @Override
    public Identity identity() {
        return new Identity("cable.hole-larger-than-part", Link.CABLE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(HoleChanges.schedule(line), (worst, hole) -> {
            Figure part =
                    hole.passage().map(passage -> passage.opening().partM()).orElse(Figure.UNSET);
            if (part.isSet() && hole.openingM() > 0) {
                worst.add(
                        WorstOf.within(hole.openingM() + 2 * EDGE_M, part.value()),
                        "The {} of {} does not leave {} on each side of a part {} wide.",
                        hole.name(),
                        new Amount(hole.openingM(), Unit.MILLIMETRE),
                        new Amount(EDGE_M, Unit.MILLIMETRE),
                        new Amount(part.value(), Unit.MILLIMETRE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(HoleChanges.smaller(line), CableChanges.soundWays(line));
    }
}
