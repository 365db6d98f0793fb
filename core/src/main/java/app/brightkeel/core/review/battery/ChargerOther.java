package app.brightkeel.core.review.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.ChargerChanges;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** A charger is made for the chemistry and the volts of its pack. */
final class ChargerOther implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.charger-other", Link.BATTERY, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Charger charger : line.rig().chargers()) {
            Pack pack = line.rig().harness().pack(charger.charges());
            if (charger.chemistry() != Chemistry.UNDECIDED && pack.chemistry() != Chemistry.UNDECIDED) {
                boolean made = charger.chemistry() == pack.chemistry()
                        && charger.blocks() == pack.blocks()
                        && pack.chemistry().rechargeable();
                worst.add(
                        made ? 1 : -1,
                        "The {} is made for {} × {}; {} is {} × {}.",
                        charger.name(),
                        charger.blocks(),
                        charger.chemistry().words(),
                        pack.name(),
                        pack.blocks(),
                        pack.chemistry().words());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return ChargerChanges.made(line);
    }
}
