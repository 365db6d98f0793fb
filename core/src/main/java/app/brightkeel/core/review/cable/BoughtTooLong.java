package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.stream.Stream;

/** A data lead is bought to its way: what is left over of one is coiled for a while, not for good. */
final class BoughtTooLong implements Rule {

    private static final double TEMPORARY = 0.1;

    @Override
    public Identity identity() {
        return new Identity("cable.bought-too-long", Link.CABLE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        return WorstOf.of(line.get(RouteStage.STAGE).map(Routes::all), (worst, laid) -> {
            if (rig.network().lead(laid.carries()).isPresent()) {
                worst.add(
                        laid.spareM() > CableChanges.SPARE_LEAD_M ? TEMPORARY : 1,
                        "{} of the {} are left over: coiled for now, and marked so; unlike a transducer's it is sold shorter.",
                        new Amount(laid.spareM(), Unit.METRE),
                        laid.name());
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CableChanges.fitted(line);
    }
}
