package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.Endurance;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import java.util.List;

/** The packs last the day: the median short of it fails, only the low hours short of it is close. */
final class HoursShort implements Rule {

    @Override
    public String id() {
        return "battery.hours";
    }

    @Override
    public Link link() {
        return Link.BATTERY;
    }

    @Override
    public Force force() {
        return Force.PHYSICS;
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Endurance> outcome = line.get(Runtime.STAGE);
        if (!outcome.isKnown()) {
            return SILENT;
        }
        Endurance hours = outcome.value();
        double wanted = line.get(Load.STAGE).value().hours();
        double median = hours.median().hours();
        if (median < wanted) {
            return Rule.measured(
                    (median - wanted) / wanted,
                    "{} of {}: {} short, because {}.",
                    new Amount(median, Unit.HOUR),
                    new Amount(wanted, Unit.HOUR),
                    new Amount(wanted - median, Unit.HOUR),
                    hours.median().end().words());
        }
        if (hours.lowH() < wanted) {
            return Rule.measured(
                    COMFORTABLE * (median - wanted) / (median - hours.lowH()) * 0.999,
                    "{} of {} in the middle, but one day in ten only {}.",
                    new Amount(median, Unit.HOUR),
                    new Amount(wanted, Unit.HOUR),
                    new Amount(hours.lowH(), Unit.HOUR));
        }
        return Rule.measured(
                Math.min(1, COMFORTABLE + (hours.lowH() - wanted) / wanted),
                "{} of {}.",
                new Amount(median, Unit.HOUR),
                new Amount(wanted, Unit.HOUR));
    }

    @Override
    public List<Change> cures(Line line) {
        return BatteryChanges.longer(line);
    }
}
