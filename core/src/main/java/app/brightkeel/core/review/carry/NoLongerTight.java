package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.BoxChanges;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Exit;
import java.util.stream.Stream;

/** A box keeps water out until the first hole in it that is not sealed. */
final class NoLongerTight implements Rule {

    private static final double OPEN = 0.1;

    @Override
    public Identity identity() {
        return new Identity("carry.no-longer-tight", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Enclosure box : line.rig().fitOut().boxes()) {
            for (Exit exit : box.exits()) {
                if (box.tight()) {
                    worst.add(
                            exit.sealed() ? 1 : OPEN,
                            "The {} keeps water out until its first hole: {} is not sealed.",
                            box.name(),
                            exit.name());
                }
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BoxChanges.sealed(line);
    }
}
