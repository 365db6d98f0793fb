package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.TransducerChanges;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import java.util.stream.Stream;

/** A line beam and side fans paint line by line: at anchor or through the ice they paint the same line. */
final class NeedsWay implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.needs-way", Link.TRANSDUCER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        if (line.rig().outing().water().motion() != Motion.STILL) {
            return SILENT;
        }
        return WorstOf.of(line.get(SonarStage.STAGE).map(SonarState::sights), (worst, sight) -> {
            boolean others = sight.has(BeamShape.CONE) || sight.has(BeamShape.LIVE);
            worst.add(
                    others ? 1 : 0,
                    "The {} paints its picture as the craft moves on; standing still it paints one line again and again.",
                    sight.name());
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(TransducerChanges.all(line), TransducerChanges.drifting(line));
    }
}
