package app.brightkeel.core.review.wire;

import app.brightkeel.core.harness.Colours;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Rule.Force;
import app.brightkeel.core.review.Rule.Identity;
import app.brightkeel.core.review.Rule.Judgement;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.EndChanges;
import java.util.stream.Stream;

/** Wires that meet have the same colours, or each pair says which is plus: a display that was fed the wrong way round is dead. */
final class ColoursUnlike implements Rule {

    private static final double UNMARKED = 0.1;

    @Override
    public Identity identity() {
        return new Identity("wire.colours-unlike", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Colours.Meeting meeting : Colours.all(line.rig())) {
            worst.add(
                    meeting.alike() ? 1 : UNMARKED,
                    "{} is {}, {} is {}: which of them is plus is marked at both, and read with a meter before they are joined.",
                    meeting.from().name(),
                    Colours.words(meeting.from()),
                    meeting.to().name(),
                    Colours.words(meeting.to()));
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return EndChanges.sameColours(line);
    }
}
