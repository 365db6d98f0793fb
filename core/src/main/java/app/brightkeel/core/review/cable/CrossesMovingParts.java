package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Zone;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.stream.Stream;

/** A cable keeps clear of pedals, rudder, paddle and the landing side. */
final class CrossesMovingParts implements Rule {

    private static final double HEADROOM = 0.05;

    @Override
    public Identity identity() {
        return new Identity("cable.crosses-moving-parts", Link.CABLE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(RouteStage.STAGE).map(Routes::all), (worst, laid) -> {
            for (Passage leg : laid.legs()) {
                worst.add(
                        leg.crosses() == Zone.NONE ? 1 : HEADROOM,
                        "The {} crosses {}, {}.",
                        laid.name(),
                        leg.crosses().words(),
                        leg.name());
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CableChanges.clear(line);
    }

    @Override
    public Text byHand() {
        return Text.of(
                "No other way is measured on this craft: lay it flat along the edge there, taped down, or measure another passage.");
    }
}
