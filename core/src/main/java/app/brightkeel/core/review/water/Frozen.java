package app.brightkeel.core.review.water;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.water.WaterChanges;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import java.util.stream.Stream;

/** Water is water: below its freezing point there is nothing to fish in. */
final class Frozen implements Rule {

    @Override
    public Identity identity() {
        return new Identity("water.frozen", Link.WATER, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Water water = line.rig().outing().water();
        double freezing = -WaterChanges.FREEZES_LOWER * water.salinity().value();
        double above = water.waterC().value() - freezing;
        if (water.kind() == WaterKind.UNDECIDED || above > 2) {
            return SILENT;
        }
        return Rule.measured(
                above < -1e-9 ? -1 : 1,
                "This water freezes at {}; {} is ice.",
                new Amount(freezing, Unit.CELSIUS),
                new Amount(water.waterC().value(), Unit.CELSIUS));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WaterChanges.thawed(line).stream();
    }
}
