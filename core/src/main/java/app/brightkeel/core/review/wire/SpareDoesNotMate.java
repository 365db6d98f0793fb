package app.brightkeel.core.review.wire;

import app.brightkeel.core.harness.Ends;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.wire.EndChanges;
import java.util.stream.Stream;

/** A spare lead is of use only if it goes where it is to stand in. */
final class SpareDoesNotMate implements Rule {

    private static final double OF_NO_USE = 0.05;

    @Override
    public Identity identity() {
        return new Identity("wire.spare-does-not-mate", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return PlugDoesNotMate.judged(Ends.spare(line.rig()), OF_NO_USE);
    }

    @Override
    public Stream<Change> cures(Line line) {
        return EndChanges.mating(line, Ends.spare(line.rig()));
    }
}
