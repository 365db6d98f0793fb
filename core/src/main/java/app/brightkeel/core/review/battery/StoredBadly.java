package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.LayUp;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.PackChanges;
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** A battery is laid up where it is not cooked. */
final class StoredBadly implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.stored-badly", Link.BATTERY, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Pack pack : line.rig().harness().packs()) {
            if (pack.keeping().storedC().isSet()) {
                double storedC = pack.keeping().storedC().value();
                boolean cooked = storedC > LayUp.HOTTEST_C;
                worst.add(
                        cooked ? -1 : storedC > LayUp.WARM_C ? 0 : 1,
                        cooked
                                ? "{} is laid up at up to {}: above {} it is spoilt."
                                : "{} is laid up at up to {}: it ages fast above {}.",
                        pack.name(),
                        new Amount(storedC, Unit.CELSIUS),
                        new Amount(cooked ? LayUp.HOTTEST_C : LayUp.WARM_C, Unit.CELSIUS));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return PackChanges.storedCooler(line);
    }
}
