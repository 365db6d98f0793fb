package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.Charging;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.ChargerChanges;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** A pack is charged with no more than its maker allows; 0.2 C for lead and 0.5 C for lithium where that is not known. */
final class ChargedTooFast implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.charged-too-fast", Link.BATTERY, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Packs.Bank> bank = line.get(Packs.STAGE);
        WorstOf worst = new WorstOf();
        for (Charger charger : line.rig().chargers()) {
            Pack pack = line.rig().harness().pack(charger.charges());
            if (bank.isKnown() && charger.amps().isSet() && pack.chemistry().rechargeable()) {
                double limit = Charging.limitA(pack, bank.value().model(pack.id()));
                worst.add(
                        WorstOf.within(charger.amps().value(), limit),
                        "The {} gives {}; {} may be charged with {}.",
                        charger.name(),
                        new Amount(charger.amps().value(), Unit.AMPERE),
                        pack.name(),
                        new Amount(limit, Unit.AMPERE));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return ChargerChanges.slower(line);
    }
}
