package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.Instead;
import app.brightkeel.core.battery.Run;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Worst;
import java.util.List;
import java.util.stream.Stream;

/** An alternative source lasts the day too, or it is known for how long it does. */
final class AlternativeShort implements Rule {

    @Override
    public Head head() {
        return new Head("battery.alternative-short", Link.BATTERY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Instead.Hours> hours = line.get(Instead.STAGE);
        Worst worst = new Worst();
        if (hours.isKnown()) {
            double wanted = line.get(Load.STAGE).value().hours();
            List<PackString> sources = line.get(Packs.STAGE).value().instead();
            for (int i = 0; i < sources.size(); i++) {
                Run run = hours.value().runs().get(i);
                worst.add(
                        COMFORTABLE + (run.hours() - wanted) / wanted,
                        "On {} alone it is {} of {}, because {}: for short trips.",
                        line.rig().harness().pack(sources.get(i).id()).name(),
                        new Amount(run.hours(), Unit.HOUR),
                        new Amount(wanted, Unit.HOUR),
                        run.end().words());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BatteryChanges.largerInstead(line);
    }
}
