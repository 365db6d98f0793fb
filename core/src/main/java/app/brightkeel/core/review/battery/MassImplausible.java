package app.brightkeel.core.review.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.pack.PackMass;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.BatteryChanges;
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** A pack far lighter or heavier than its chemistry allows is challenged: 100 Ah of LiFePO4 does not weigh 6 kg. */
final class MassImplausible implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.mass-implausible", Link.BATTERY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Pack pack : line.rig().harness().packs()) {
            if (pack.chemistry() != Chemistry.UNDECIDED
                    && pack.massKg().isSet()
                    && pack.capacityAh().isSet()) {
                Chemistry.Data data = pack.chemistry().data();
                double density = PackMass.density(pack, data);
                worst.add(
                        WorstOf.within(PackMass.off(pack, data), PackMass.TOLERATED),
                        "{} at {} would hold {}; {} holds {} to {}. Is that its mass without case and leads, and the capacity that of its label?",
                        pack.name(),
                        new Amount(pack.massKg().value(), Unit.KILOGRAM),
                        new Amount(density, Unit.WATT_HOUR_PER_KILOGRAM),
                        pack.chemistry().words(),
                        Math.round(data.whPerKg().low()),
                        Math.round(data.whPerKg().high()));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BatteryChanges.weighed(line);
    }

    @Override
    public boolean doubts() {
        return true;
    }
}
