package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.List;
import java.util.stream.Stream;

/**
 * An existing fitting before a hatch lip or its indent, then a scupper, the wall of a rod-holder tube, a hatch cover, and
 * a hole in the hull last; handbook, common practice. Judged where a hole is drilled though a long enough way needs none,
 * or one in a part that is easier to replace.
 */
final class OpeningOrder implements Rule {

    private static final double WORSE = 0.1;

    @Override
    public Identity identity() {
        return new Identity("cable.opening-order", Link.CABLE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(RouteStage.STAGE).map(Routes::all), (worst, laid) -> {
            if (laid.drilled().isEmpty()) {
                return;
            }
            List<Passage> better = CableChanges.preferred(line.rig(), laid);
            worst.add(
                    better.isEmpty() ? 1 : WORSE,
                    "The {} goes {}, though it would get there {}.",
                    laid.name(),
                    CableChanges.leastPreferred(laid.legs()).words(),
                    CableChanges.by(better));
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return line.get(RouteStage.STAGE).map(Routes::all).orElse(List.of()).stream()
                .filter(laid -> !laid.drilled().isEmpty())
                .flatMap(laid -> CableChanges.soundWays(line, laid.carries()));
    }
}
