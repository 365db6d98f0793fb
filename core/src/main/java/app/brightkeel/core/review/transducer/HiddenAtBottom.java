package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.TransducerChanges;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.sonar.Sight;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import java.util.stream.Stream;

/** Fish that stand near the bottom are not hidden in the bottom's own echo. */
final class HiddenAtBottom implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.hidden-at-bottom", Link.TRANSDUCER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<SonarState> sonar = line.get(SonarStage.STAGE);
        if (!sonar.isKnown()) {
            return SILENT;
        }
        Figure said = line.rig().outing().water().fishM();
        double fish = said.value();
        // what nobody said about the fish fails no link
        double least = said.basis() == Figure.Basis.ASSUMED ? COMFORTABLE : Double.NEGATIVE_INFINITY;
        WorstOf worst = new WorstOf();
        for (Sight sight : sonar.value().sights()) {
            double depth = sight.water().typicalM();
            worst.add(
                    Math.max(least, WorstOf.within(sight.hiddenM(depth), fish)),
                    "The {} hides fish up to {} above the bottom at {}; yours stand at {}.",
                    sight.at(depth).name(),
                    new Amount(sight.hiddenM(depth), Unit.METRE),
                    new Amount(depth, Unit.DEPTH),
                    new Amount(fish, Unit.METRE));
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return TransducerChanges.all(line);
    }

    @Override
    public Text byHand() {
        return Text.of(
                "Fish that lie so near the bottom stay hidden to this cone: a narrower one or shallower ground shows them.");
    }
}
