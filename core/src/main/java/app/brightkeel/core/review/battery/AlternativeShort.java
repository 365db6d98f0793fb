package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.battery.HoursOnAlternative;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.BankChanges;
import app.brightkeel.core.review.change.battery.BatteryChanges;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Pack;
import java.util.List;
import java.util.stream.Stream;

/** An alternative source lasts the day too, or it is known for how long it does. */
final class AlternativeShort implements Rule {

    private static final double BAD = 0.05;

    @Override
    public Identity identity() {
        return new Identity("battery.alternative-short", Link.BATTERY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<HoursOnAlternative.Hours> hours = line.get(HoursOnAlternative.STAGE);
        WorstOf worst = new WorstOf();
        if (hours.isKnown()) {
            double wanted = line.get(Load.STAGE).value().hours();
            List<PackString> sources = line.get(Packs.STAGE).value().instead();
            for (int i = 0; i < sources.size(); i++) {
                DayRun run = hours.value().runs().get(i);
                Pack pack = line.rig().harness().pack(sources.get(i).id());
                if (!BankChanges.leads(line.rig().harness(), pack)) {
                    worst.add(BAD, "{} is there to be joined instead, and no lead leads from it.", pack.name());
                    continue;
                }
                worst.add(
                        COMFORTABLE + (run.hours() - wanted) / wanted,
                        "On {} alone it is {} of {}, because {}: for short trips.",
                        pack.name(),
                        new Amount(run.hours(), Unit.HOUR),
                        new Amount(wanted, Unit.HOUR),
                        run.end().words());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.of(BankChanges.leads(line), WireChanges.thicker(line), BatteryChanges.largerInstead(line))
                .flatMap(each -> each);
    }

    @Override
    public Text byHand() {
        return Text.of("Take it for short trips, and say so on its label.");
    }
}
