package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Worst;
import app.brightkeel.core.route.Laid;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.stream.Stream;

/** A way goes on where it ended, from the transducer or battery to the display. */
final class WayBroken implements Rule {

    @Override
    public String id() {
        return "cable.way-broken";
    }

    @Override
    public Link link() {
        return Link.CABLE;
    }

    @Override
    public Force force() {
        return Force.PHYSICS;
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Routes> routes = line.get(RouteStage.STAGE);
        if (!routes.isKnown()) {
            return SILENT;
        }
        Worst worst = new Worst();
        for (Laid laid : routes.value().all()) {
            if (laid.astray().isPresent()) {
                worst.add(
                        -1,
                        "The way of the {} breaks off: {} does not begin where the leg before it ends.",
                        laid.name(),
                        laid.astray().get().name());
            } else {
                worst.add(
                        laid.arrives() ? 1 : -1, "The way of the {} does not end where it is plugged in.", laid.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CableChanges.soundWays(line);
    }
}
