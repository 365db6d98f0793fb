package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.StandingDrain;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.PackChanges;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** What is drawn with everything off does not empty a pack between two charges. */
final class StandsEmpty implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.stands-empty", Link.BATTERY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Packs.Bank> bank = line.get(Packs.STAGE);
        WorstOf worst = new WorstOf();
        for (Pack pack : line.rig().harness().packs()) {
            Figure drain = pack.keeping().drainA();
            if (bank.isKnown() && drain.isSet() && drain.value() > 0) {
                double days = StandingDrain.days(bank.value().model(pack.id()), drain.value());
                worst.add(
                        COMFORTABLE + (days / (7 * StandingDrain.WEEKS) - 1),
                        "{} with everything off empty {} in {} days; a main switch stops them.",
                        new Amount(drain.value(), Unit.MILLIAMPERE),
                        pack.name(),
                        Math.round(days));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return PackChanges.switchedOff(line);
    }
}
