package app.brightkeel.core.review.water;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.water.WaterChanges;
import app.brightkeel.core.rig.Water;
import java.util.stream.Stream;

/** The least depth is the least: two figures swapped are found before anything is computed from them. */
final class DepthsDisordered implements Rule {

    @Override
    public Identity identity() {
        return new Identity("water.depths-disordered", Link.WATER, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Water water = line.rig().outing().water();
        if (!water.leastM().isSet() || !water.mostM().isSet()) {
            return SILENT;
        }
        double least = water.leastM().value();
        double most = water.mostM().value();
        double typical = water.typicalM().value();
        if (least <= typical && typical <= most) {
            return Rule.measured(1, "{} to {}.", new Amount(least, Unit.DEPTH), new Amount(most, Unit.DEPTH));
        }
        return Rule.measured(
                -1,
                "Shallowest {}, typical {}, deepest {}: these are out of order.",
                new Amount(least, Unit.DEPTH),
                new Amount(typical, Unit.DEPTH),
                new Amount(most, Unit.DEPTH));
    }

    @Override
    public boolean doubts() {
        return true;
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WaterChanges.inOrder(line).stream();
    }
}
