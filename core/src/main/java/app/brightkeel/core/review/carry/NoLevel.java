package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.carry.CarryChanges;
import java.util.stream.Stream;

/** There is a level at which it floats. */
final class NoLevel implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.no-level", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return Floating.judge(
                line,
                it -> true,
                afloat -> Rule.measured(
                        afloat.settled() ? 1 : -1,
                        "There is no level at which it floats: the load stands too far to one end, or is too heavy."));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CarryChanges.lighter(line);
    }
}
