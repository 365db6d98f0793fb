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
import app.brightkeel.core.sonar.View;
import java.util.stream.Stream;

/** One plans with four fifths of what a beam reaches: fish are fainter than the sheet's targets. */
final class AbovePlanned implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.above-planning-depth", Link.TRANSDUCER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(SonarStage.STAGE).map(SonarState::sights), (worst, sight) -> {
            double most = sight.water().mostM();
            View view = sight.at(most);
            boolean reached =
                    view.reach().isPresent() && most <= view.reach().get().leastM();
            if (sight.looksDeep() && reached) {
                double planned = view.reach().get().plannedM();
                worst.add(
                        WorstOf.within(most, planned),
                        "Plan the {} to {} in this water; you fish down to {}.",
                        view.name(),
                        new Amount(planned, Unit.DEPTH),
                        new Amount(most, Unit.DEPTH));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return TransducerChanges.deepEnough(line);
    }
}
