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
import app.brightkeel.core.route.Slack;
import java.util.stream.Stream;

/** There is a loop at the plug, so that it can be pulled. */
final class NoServiceLoop implements Rule {

    @Override
    public Identity identity() {
        return new Identity("cable.service-loop", Link.CABLE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(RouteStage.STAGE).map(Routes::all), (worst, laid) -> {
            double loop = line.rig().runOf(laid.carries()).orElseThrow().loopM().value();
            worst.add(
                    loop < Slack.SERVICE_LOOP_M
                            ? COMFORTABLE * loop / Slack.SERVICE_LOOP_M
                            : Math.min(1, COMFORTABLE + (loop - Slack.SERVICE_LOOP_M)),
                    "The {} has a service loop of {}; {} let you unplug it.",
                    laid.name(),
                    new Amount(loop, Unit.METRE),
                    new Amount(Slack.SERVICE_LOOP_M, Unit.METRE));
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CableChanges.loops(line);
    }
}
