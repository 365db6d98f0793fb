package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.stream.Stream;

/** A way goes on where it ended, from the transducer or battery to the display. */
final class WayBroken implements Rule {

    @Override
    public Identity identity() {
        return new Identity("cable.way-broken", Link.CABLE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(RouteStage.STAGE).map(Routes::all), (worst, laid) -> {
            if (laid.astray().isPresent()) {
                worst.add(
                        -1,
                        "The way of the {} breaks off: {} does not begin where the stretch before it ends.",
                        laid.name(),
                        laid.astray().get().name());
            } else {
                worst.add(
                        laid.arrives() ? 1 : -1, "The way of the {} does not end where it is plugged in.", laid.name());
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(CableChanges.mended(line), CableChanges.soundWays(line));
    }
}
