package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.LooseEnds;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import app.brightkeel.core.route.Slack;
import java.util.stream.Stream;

/** Water runs along a cable: it hangs in a loop before it goes over a hatch lip. */
final class NoDripLoop implements Rule {

    @Override
    public Identity identity() {
        return new Identity("cable.drip-loop", Link.CABLE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        if (line.rig().craft().kind().onIce()) {
            return SILENT;
        }
        return WorstOf.of(line.get(RouteStage.STAGE).map(Routes::all), (worst, laid) -> {
            double loop = line.rig().runOf(laid.carries()).orElseThrow().dripM().value();
            for (Passage leg : laid.legs()) {
                if (leg.way().underLid()) {
                    worst.add(
                            loop < Slack.DRIP_LOOP_M ? COMFORTABLE * loop / Slack.DRIP_LOOP_M : 1,
                            "The {} goes over the {} with a drip loop of {}; {} keep it dry by gravity.",
                            laid.name(),
                            leg.name(),
                            new Amount(loop, Unit.METRE),
                            new Amount(Slack.DRIP_LOOP_M, Unit.METRE));
                }
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return LooseEnds.drips(line);
    }
}
