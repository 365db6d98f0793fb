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

/** The bottom and the fish at the greatest depth still answer: past its reach in this water a beam shows nothing. */
final class BeyondReach implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.beyond-reach", Link.TRANSDUCER, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(SonarStage.STAGE).map(SonarState::sights), (worst, sight) -> {
            double most = sight.water().mostM();
            View view = sight.at(most);
            if (sight.looksDeep() && view.reach().isPresent()) {
                double reach = view.reach().get().leastM();
                worst.add(
                        Math.min(1, most > reach ? reach / most - 1 : COMFORTABLE + 1 - most / reach),
                        "The {} reaches {} in this water; you fish down to {}. Plan it to {}.",
                        view.name(),
                        new Amount(reach, Unit.DEPTH),
                        new Amount(most, Unit.DEPTH),
                        new Amount(view.reach().get().plannedM(), Unit.DEPTH));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return TransducerChanges.deepEnough(line);
    }
}
