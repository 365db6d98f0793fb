package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.TransducerChanges;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import app.brightkeel.core.sonar.Suitability;
import java.util.stream.Stream;

/** A narrow cone in the shallows sees a dinner plate. */
final class NarrowTooShallow implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.narrow-too-shallow", Link.TRANSDUCER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(SonarStage.STAGE).map(SonarState::sights), (worst, sight) -> {
            double depth = sight.water().typicalM();
            double degrees = Math.toDegrees(sight.at(depth).cone().fullRad());
            boolean plate = sight.at(depth).shape() == BeamShape.CONE
                    && degrees < Suitability.NARROW_TO_DEG
                    && depth < Suitability.SHALLOW_M;
            worst.add(
                    plate ? COMFORTABLE * depth / Suitability.SHALLOW_M : 1,
                    "The {} sees only {} of the bottom at {}: take a wide one there.",
                    sight.at(depth).name(),
                    new Amount(sight.footprintM(depth), Unit.METRE),
                    new Amount(depth, Unit.DEPTH));
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return TransducerChanges.all(line);
    }
}
