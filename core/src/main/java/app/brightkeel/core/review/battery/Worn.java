package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.battery.HoursOtherwise;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.pack.Health;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.PackChanges;
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** A pack that its load test shows worn out explains a day that ends early. */
final class Worn implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.worn", Link.BATTERY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Packs.Bank> bank = line.get(Packs.STAGE);
        Outcome<DayRun> run = line.get(Runtime.STAGE);
        WorstOf worst = new WorstOf();
        for (Pack pack : line.rig().harness().packs()) {
            if (pack.test().done() && bank.isKnown() && run.isKnown()) {
                Health health = Health.of(pack);
                worst.add(
                        COMFORTABLE + health.share() - HoursOtherwise.END_OF_LIFE,
                        "{} still has {} of its rating by its test ({} to {}): {}, where a new one gives {}.",
                        pack.name(),
                        new Amount(health.share(), Unit.PERCENT),
                        new Amount(health.low(), Unit.PERCENT),
                        new Amount(health.high(), Unit.PERCENT),
                        new Amount(run.value().hours(), Unit.HOUR),
                        new Amount(line.get(HoursOtherwise.STAGE).value().newH(), Unit.HOUR));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return PackChanges.renewed(line);
    }
}
