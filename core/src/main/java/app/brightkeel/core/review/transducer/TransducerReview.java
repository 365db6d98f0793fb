package app.brightkeel.core.review.transducer;

import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.sonar.Sight;
import app.brightkeel.core.sonar.SonarStage;
import java.util.List;

/** The Transducer link: what is seen of the bottom at the typical depth; other beams and other types beside. */
public final class TransducerReview implements LinkReview {

    @Override
    public Link link() {
        return Link.TRANSDUCER;
    }

    @Override
    public Outcome<Text> number(Line line) {
        return line.get(SonarStage.STAGE).map(sonar -> {
            Sight sight = sonar.first();
            return Text.of("⌀ {}", new Amount(sight.footprintM(sight.water().typicalM()), Unit.METRE));
        });
    }

    @Override
    public List<Working> workings(Line line) {
        return List.of(SonarStage.STAGE.working(line));
    }

    @Override
    public boolean standsOn(Line line, String pointer) {
        if (pointer.startsWith("/outing/water/")) {
            return true;
        }
        boolean afloat = !line.rig().craft().kind().onIce();
        return line.get(FaceStage.STAGE).isKnown()
                && (pointer.endsWith("/mount/belowM") || afloat && pointer.equals("/angler/gearKg"));
    }

    @Override
    public Text planned(Line line) {
        return Text.of(String.join(
                " and ", line.rig().transducers().stream().map(Transducer::name).toList()));
    }

    @Override
    public List<Change> alternatives(Line line) {
        return TransducerChanges.all(line).toList();
    }
}
