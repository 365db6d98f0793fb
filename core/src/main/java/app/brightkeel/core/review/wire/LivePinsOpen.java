package app.brightkeel.core.review.wire;

import app.brightkeel.core.harness.Ends;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.EndChanges;
import app.brightkeel.core.rig.Ending;
import java.util.stream.Stream;

/** The live side is the shrouded one: open pins on a battery are a short waiting for a coin; common practice. */
final class LivePinsOpen implements Rule {

    private static final double OPEN = 0.05;

    @Override
    public Identity identity() {
        return new Identity("wire.live-pins-open", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Ends.Pair pair : Ends.joined(line.rig())) {
            Ending live = pair.live().ending();
            if (live.terminal().plug() && live.half() != Ending.Half.UNDECIDED) {
                worst.add(
                        live.half() == Ending.Half.SHROUDED ? 1 : OPEN,
                        "{} ends in live pins that anything can touch: the shrouded half belongs there.",
                        pair.live().name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return EndChanges.shrouded(line);
    }
}
