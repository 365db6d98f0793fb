package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.review.change.cable.LooseEnds;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.stream.Stream;

/** A cable takes the passages that a person pinned. */
final class PinNotTaken implements Rule {

    private static final double ASIDE = 0.1;

    @Override
    public Identity identity() {
        return new Identity("cable.pin-not-taken", Link.CABLE, Force.SCHOOL);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(RouteStage.STAGE).map(Routes::all), (worst, laid) -> {
            for (String pinned : line.rig().runOf(laid.carries()).orElseThrow().through()) {
                worst.add(
                        laid.legs().stream().anyMatch(leg -> leg.id().equals(pinned)) ? 1 : ASIDE,
                        "The {} is pinned to {}, and does not go there.",
                        laid.name(),
                        line.rig().craft().passage(pinned).orElseThrow().name());
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(CableChanges.ways(line), LooseEnds.unpinned(line));
    }
}
