package app.brightkeel.core.review.water;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.water.WaterChanges;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.WaterKind;
import java.util.stream.Stream;

/** The salinity fits the kind of water that was chosen. */
final class SalinityOfAnotherKind implements Rule {

    @Override
    public Identity identity() {
        return new Identity("water.salinity-of-another-kind", Link.WATER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Figure salinity = line.rig().outing().water().salinity();
        WaterKind kind = line.rig().outing().water().kind();
        if (kind == WaterKind.UNDECIDED || salinity.basis() == Figure.Basis.ASSUMED) {
            return SILENT;
        }
        WaterKind fits = WaterChanges.kindOf(salinity.value());
        return Rule.measured(
                fits == kind ? 1 : 0,
                "{} is {}, not {}.",
                new Amount(salinity.value(), Unit.GRAM_PER_KILOGRAM),
                fits.words(),
                kind.words());
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WaterChanges.kindBySalinity(line).stream();
    }
}
