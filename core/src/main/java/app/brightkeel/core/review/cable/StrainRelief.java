package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.LooseEnds;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.stream.Stream;

/** The first tie behind a transducer takes the pull, and leaves the lead its bend. */
final class StrainRelief implements Rule {

    /** Where it is tied back; common practice, no source [m]. */
    private static final double LEAST_M = 0.025;

    private static final double MOST_M = 0.050;
    private static final double OFF = 0.1;

    @Override
    public Identity identity() {
        return new Identity("cable.strain-relief", Link.CABLE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(RouteStage.STAGE).map(Routes::all), (worst, laid) -> {
            if (laid.sonar()) {
                double tie =
                        line.rig().runOf(laid.carries()).orElseThrow().reliefM().value();
                worst.add(
                        tie >= LEAST_M && tie <= MOST_M ? 1 : OFF,
                        "The first tie of the {} sits {} behind the transducer; {} to {} take the pull without a sharp bend.",
                        laid.name(),
                        new Amount(tie, Unit.MILLIMETRE),
                        new Amount(LEAST_M, Unit.MILLIMETRE),
                        new Amount(MOST_M, Unit.MILLIMETRE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return LooseEnds.relieved(line);
    }
}
