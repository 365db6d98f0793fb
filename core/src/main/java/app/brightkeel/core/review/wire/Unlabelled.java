package app.brightkeel.core.review.wire;

import app.brightkeel.core.harness.Labels;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.JunctionChanges;
import app.brightkeel.core.rig.Junction;
import java.util.stream.Stream;

/** The ways of a fuse block or a switched harness say what they feed; common practice, no source. */
final class Unlabelled implements Rule {

    private static final double BLANK = 0.1;

    @Override
    public Identity identity() {
        return new Identity("wire.unlabelled", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Junction junction : line.rig().harness().junctions()) {
            if (Labels.wanted(line.rig(), junction)) {
                worst.add(junction.labelled() ? 1 : BLANK, "The ways of the {} bear no labels.", junction.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return JunctionChanges.labels(line);
    }
}
