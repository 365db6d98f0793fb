package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.BoxChanges;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Exit;
import java.util.stream.Stream;

/** What goes through a lid needs room under it when it shuts. */
final class LidMeets implements Rule {

    private static final double UNKNOWN = 0.1;

    @Override
    public Identity identity() {
        return new Identity("carry.lid-meets", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Enclosure box : line.rig().fitOut().boxes()) {
            for (Exit exit : box.exits()) {
                if (exit.wall() == BaseEdge.NONE) {
                    worst.add(
                            box.lidM().value() > 0 ? 1 : UNKNOWN,
                            "{} goes through the lid of the {}: what it takes under the closed lid is not counted.",
                            exit.name(),
                            box.name());
                }
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BoxChanges.underLid(line);
    }
}
