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

/** The plug goes through every opening on the way, not only the cable. */
final class PlugDoesNotPass implements Rule {

    /** Room round a plug where it has plenty [m]. */
    private static final double PLENTY_M = 0.02;

    @Override
    public Identity identity() {
        return new Identity("cable.plug-does-not-pass", Link.CABLE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(RouteStage.STAGE).map(Routes::all), (worst, laid) -> {
            if (laid.tightestM().isPresent() && laid.tightest().isPresent()) {
                double gap = laid.tightestM().get();
                worst.add(
                        gap < 0 ? gap / laid.plugM().orElseThrow() : Math.min(1, COMFORTABLE + gap / PLENTY_M),
                        "The plug of the {}, {} wide, meets the {}: {} clear.",
                        laid.name(),
                        new Amount(laid.plugM().orElseThrow(), Unit.MILLIMETRE),
                        laid.tightest().get().name(),
                        new Amount(laid.tightest().get().openingM().value(), Unit.MILLIMETRE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(CableChanges.drilledWider(line), CableChanges.soundWays(line));
    }
}
