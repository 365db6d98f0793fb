package app.brightkeel.core.review.carry;

import app.brightkeel.core.enclosure.Fit;
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

/** The battery and all else go into their place with their plugs on. */
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
                    gap < 0 ? gap / fit.around().tallM() : Math.min(1, COMFORTABLE + gap / PLENTY_M),
                    words(fit),
                    fit.name(),
                    new Amount(Math.abs(gap), Unit.MILLIMETRE),
                    fit.place());
        });
    }

    private static String words(Fit fit) {
        if (fit.leastGapM() >= 0) {
            return fit.several() ? "{} leave a gap of {} in the {}." : "{} leaves a gap of {} in the {}.";
        }
        return fit.several()
                ? "{} take {} more than there is in the {}, however they are turned beside or on each other."
                : "{} is {} too large for the {}, whichever way it is turned.";
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CarryChanges.fitting(line);
    }
}
