package app.brightkeel.core.review.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.BatteryChanges;
import app.brightkeel.core.review.change.battery.ChargerChanges;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** What charges aboard charges at the temperature of the day: never lithium below 0 °C, nothing above 45 °C. */
final class ChargedInTheCold implements Rule {

    private static final double HOTTEST_C = 45;

    /** Degrees inside the limits from which it is comfortable; common practice, no source. */
    private static final double EASY_K = 3;

    @Override
    public Identity identity() {
        return new Identity("battery.charged-in-the-cold", Link.BATTERY, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Charger charger : line.rig().chargers()) {
            Pack pack = line.rig().harness().pack(charger.charges());
            if (charger.aboard() && pack.chemistry() != Chemistry.UNDECIDED) {
                double least = pack.chemistry().data().coldestChargeC();
                double celsius = pack.tempC().value();
                worst.add(
                        COMFORTABLE * Math.min(celsius - least, HOTTEST_C - celsius) / EASY_K,
                        "{} stands at {} while the {} charges it; allowed is {} to {}.",
                        pack.name(),
                        new Amount(celsius, Unit.CELSIUS),
                        charger.name(),
                        new Amount(least, Unit.CELSIUS),
                        new Amount(HOTTEST_C, Unit.CELSIUS));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(ChargerChanges.ashore(line), BatteryChanges.warm(line).stream());
    }
}
