package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.transducer.TransducerChanges;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.sonar.Sight;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import app.brightkeel.core.sonar.Styles;
import app.brightkeel.core.sonar.View;
import java.util.stream.Stream;

/** Something on board shows what this style of fishing wants to see. */
final class WrongForStyle implements Rule {

    /** From here on a shape of beam is of use; common practice, no source. */
    private static final double USEFUL = 0.45;

    @Override
    public Identity identity() {
        return new Identity("transducer.wrong-for-style", Link.TRANSDUCER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Water water = line.rig().outing().water();
        Outcome<SonarState> sonar = line.get(SonarStage.STAGE);
        if (water.style() == FishingStyle.UNDECIDED || !sonar.isKnown()) {
            return SILENT;
        }
        double best = 0;
        for (Sight sight : sonar.value().sights()) {
            for (View view : sight.views()) {
                best = Math.max(best, Styles.serves(water.style(), view.shape(), water.motion()));
            }
        }
        return Rule.measured(
                best < USEFUL ? COMFORTABLE * best / USEFUL * 0.999 : best,
                "Nothing on board shows what {} wants to see.",
                water.style().words());
    }

    @Override
    public Stream<Change> cures(Line line) {
        return TransducerChanges.wanted(line);
    }

    @Override
    public Text byHand() {
        return Text.of("It shows what it shows: fish by that, or add a head that looks where you cast.");
    }
}
