package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.TransducerChanges;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import java.util.stream.Stream;

/** What is seen begins below the ringing of the face: a canal of a metre has a blind top. */
final class BlindTop implements Rule {

    /** Blind part of the least depth that passes; common practice, no source. */
    private static final double BLIND_SHARE = 0.5;

    @Override
    public Identity identity() {
        return new Identity("transducer.blind-top", Link.TRANSDUCER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(SonarStage.STAGE).map(SonarState::sights), (worst, sight) -> {
            double least = sight.water().leastM();
            worst.add(
                    WorstOf.within(sight.blindTopM(), least * BLIND_SHARE),
                    sight.blindTopM() < least
                            ? "Blind zone under the transducer: nothing is seen in the first {}, half of your shallowest, {}, or more."
                            : "Blind zone under the transducer: nothing is seen in the first {}, all of your shallowest, {}.",
                    new Amount(sight.blindTopM(), Unit.METRE),
                    new Amount(least, Unit.DEPTH));
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return TransducerChanges.deeper(line);
    }
}
