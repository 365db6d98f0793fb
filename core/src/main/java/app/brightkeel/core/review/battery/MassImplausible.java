package app.brightkeel.core.review.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Worst;
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** A pack far lighter or heavier than its chemistry allows is challenged: 100 Ah of LiFePO4 does not weigh 6 kg. */
final class MassImplausible implements Rule {

    @Override
    public Head head() {
        return new Head("battery.mass-implausible", Link.BATTERY, Force.PRACTICE);
    }

    /** How far outside the usual energy density still passes; common practice, no source. */
    private static final double TOLERATED = 1.3;

    @Override
    public Judgement judge(Line line) {
        Worst worst = new Worst();
        for (Pack pack : line.rig().harness().packs()) {
            if (pack.chemistry() != Chemistry.UNDECIDED
                    && pack.massKg().isSet()
                    && pack.capacityAh().isSet()) {
                Chemistry.Data data = pack.chemistry().data();
                double density = density(pack, data);
                worst.add(
                        Worst.within(off(pack, data), TOLERATED),
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

    /** Energy a pack would hold by its label, were it of this chemistry [Wh/kg]; its mass and capacity are known. */
    private static double density(Pack pack, Chemistry.Data data) {
        return pack.capacityAh().value()
                * data.nominalV()
                * pack.blocks()
                / pack.massKg().value();
    }

    /** How many times that is above or below what is usual. */
    private static double off(Pack pack, Chemistry.Data data) {
        double density = density(pack, data);
        return Math.max(density / data.whPerKg().high(), data.whPerKg().low() / density);
    }

    /** Whether mass and capacity of a pack go together, as far as both are known. */
    static boolean plausible(Pack pack) {
        return pack.chemistry() == Chemistry.UNDECIDED
                || !pack.capacityAh().isSet()
                || mayBe(pack, pack.chemistry().data());
    }

    /** Whether mass and capacity speak for this chemistry, or nothing against it. */
    static boolean mayBe(Pack pack, Chemistry.Data data) {
        return !pack.massKg().isSet() || off(pack, data) < TOLERATED;
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
