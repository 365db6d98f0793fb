package app.brightkeel.core.review.carry;

import app.brightkeel.core.enclosure.FitStage;
import app.brightkeel.core.enclosure.Fits;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Worst;
import java.util.stream.Stream;

/** The battery goes into its place with its plug on. */
final class DoesNotFit implements Rule {

    /** Gap where there is plenty of room [m]. */
    private static final double PLENTY_M = 0.05;

    @Override
    public Head head() {
        return new Head("carry.does-not-fit", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return Worst.of(line.get(FitStage.STAGE).map(Fits::all), (worst, fit) -> {
            double gap = fit.leastGapM();
            worst.add(
                    gap < 0 ? gap / fit.turned().tallM() : Math.min(1, COMFORTABLE + gap / PLENTY_M),
                    gap < 0
                            ? "{} is {} too large for the {}, whichever way it is turned."
                            : "{} leaves a gap of {} in the {}.",
                    fit.name(),
                    new Amount(Math.abs(gap), Unit.MILLIMETRE),
                    fit.place());
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CarryChanges.fitting(line);
    }
}
