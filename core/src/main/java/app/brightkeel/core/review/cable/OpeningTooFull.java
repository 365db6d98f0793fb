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
import java.util.stream.Stream;

/** All cables go through an opening together, not only each by itself. */
final class OpeningTooFull implements Rule {

    @Override
    public Identity identity() {
        return new Identity("cable.opening-too-full", Link.CABLE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(HoleChanges.schedule(line), (worst, hole) -> {
            if (hole.passage().isPresent() && hole.openingM() > 0) {
                worst.add(
                        WorstOf.within(hole.circleM(), hole.openingM()),
                        "What goes through the {} fills a circle of {}; it is {} wide.",
                        hole.name(),
                        new Amount(hole.circleM(), Unit.MILLIMETRE),
                        new Amount(hole.openingM(), Unit.MILLIMETRE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CableChanges.soundWays(line);
    }
}
