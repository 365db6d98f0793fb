package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.stream.Stream;

/** The cable is long enough for its way, loops included. */
final class TooShort implements Rule {

    @Override
    public Identity identity() {
        return new Identity("cable.too-short", Link.CABLE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(RouteStage.STAGE).map(Routes::all), (worst, laid) -> {
            double spare = laid.spareM();
            if (laid.sonar() && spare < 0) {
                worst.add(
                        spare / laid.neededM(),
                        "The {} ends {} short: its way with its loops takes {}, and there is {}.",
                        laid.name(),
                        new Amount(-spare, Unit.METRE),
                        new Amount(laid.neededM(), Unit.METRE),
                        new Amount(laid.suppliedM(), Unit.METRE));
            } else {
                worst.add(
                        spare < 0 ? spare / laid.neededM() : Math.min(1, COMFORTABLE + spare),
                        spare < 0 ? "The {} is {} shorter than its way." : "The {} has {} to spare.",
                        laid.name(),
                        new Amount(Math.abs(spare), Unit.METRE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CableChanges.longEnough(line);
    }
}
