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
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** Most lithium packs may be discharged down to −20 °C, lead to about −40 °C; below, the makers do not stand by it. */
final class TooCold implements Rule {

    /** Degrees above the limit from which it is comfortable; common practice, no source. */
    private static final double EASY_K = 3;

    @Override
    public Identity identity() {
        return new Identity("battery.too-cold", Link.BATTERY, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Pack pack : line.rig().harness().packs()) {
            if (pack.chemistry() != Chemistry.UNDECIDED) {
                double coldest = pack.chemistry().data().coldestC();
                worst.add(
                        COMFORTABLE * (pack.tempC().value() - coldest) / EASY_K,
                        "{} stands at {}; such packs may work down to {}.",
                        pack.name(),
                        new Amount(pack.tempC().value(), Unit.CELSIUS),
                        new Amount(coldest, Unit.CELSIUS));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BatteryChanges.warm(line).stream();
    }
}
