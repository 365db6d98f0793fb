package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.Beside;
import app.brightkeel.core.battery.Run;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.battery.RuntimeBand;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.screen.ScreenChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.PackRole;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The packs last the day: the median short of it fails, only the low hours short of it is close. */
final class HoursShort implements Rule {

    @Override
    public Head head() {
        return new Head("battery.hours", Link.BATTERY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Run> run = line.get(Runtime.STAGE);
        if (!run.isKnown()) {
            return SILENT;
        }
        double wanted = line.get(Load.STAGE).value().hours();
        double median = run.value().hours();
        boolean two = twoDepths(line);
        if (wanted - median >= SHOWN_H) {
            return Rule.measured(
                    (median - wanted) / wanted,
                    "{} of {}{}: {} short, {}because {}.",
                    new Amount(median, Unit.HOUR),
                    new Amount(wanted, Unit.HOUR),
                    two ? Text.of(" even if used deep, {} for a long life", longLife(line)) : "",
                    new Amount(wanted - median, Unit.HOUR),
                    during(line, median),
                    run.value().end().words());
        }
        double low = line.get(RuntimeBand.STAGE).value().lowH();
        if (low < wanted) {
            return Rule.measured(
                    COMFORTABLE * Math.max(0, median - wanted) / (median - low) * 0.999,
                    "{} of {} in the middle, but one day in ten only {}.",
                    new Amount(median, Unit.HOUR),
                    new Amount(wanted, Unit.HOUR),
                    new Amount(low, Unit.HOUR));
        }
        Optional<String> guessed = guessed(line);
        if (guessed.isPresent()) {
            return Rule.measured(
                    GUESSED,
                    "{} of {}, if the {} draws what such things usually do: nobody said.",
                    new Amount(median, Unit.HOUR),
                    new Amount(wanted, Unit.HOUR),
                    guessed.get());
        }
        if (two && longLife(line).si() < wanted) {
            return Rule.measured(
                    COMFORTABLE * longLife(line).si() / wanted,
                    "{} of {} if it is used deep, which costs its life; {} to the depth for a long one. Choose its depth.",
                    new Amount(median, Unit.HOUR),
                    new Amount(wanted, Unit.HOUR),
                    longLife(line));
        }
        return Rule.measured(
                Math.min(1, COMFORTABLE + (low - wanted) / wanted),
                "{} of {}.",
                new Amount(median, Unit.HOUR),
                new Amount(wanted, Unit.HOUR));
    }

    private static final double GUESSED = 0.1;

    /** Half a minute: less is not seen in the figures. */
    private static final double SHOWN_H = 1.0 / 120;

    /** A device of which nobody said what it draws: hours by a guess do not hold. */
    private static Optional<String> guessed(Line line) {
        return line.rig().devices().stream()
                .filter(device -> device.draw().guessed())
                .map(Device::name)
                .findFirst();
    }

    /** Lead has two depths until the person picks one (handbook §6): for a long life, and for once in a while. */
    private static boolean twoDepths(Line line) {
        return line.rig().harness().packs().stream()
                .anyMatch(pack -> pack.role() == PackRole.IN_USE
                        && pack.chemistry().lead()
                        && pack.depth().basis() == Figure.Basis.ASSUMED);
    }

    private static Amount longLife(Line line) {
        return new Amount(line.get(Beside.STAGE).value().longLifeH(), Unit.HOUR);
    }

    /** In which part of the day it ends, where there are several. */
    private static String during(Line line, double hours) {
        List<DayLoad.PhaseLoad> phases = line.get(Load.STAGE).value().phases();
        return phases.stream()
                .filter(phase -> phases.size() > 1 && phase.from() + phase.hours() > hours)
                .findFirst()
                .map(phase -> "in the part “" + phase.name() + "”, ")
                .orElse("");
    }

    @Override
    public Stream<Change> cures(Line line) {
        return guessed(line).isPresent()
                ? Stream.concat(ScreenChanges.guessed(line), BatteryChanges.longer(line))
                : BatteryChanges.longer(line);
    }

    /** What is judged as it is now will be worn one day. */
    @Override
    public Text remark(Line then) {
        double wanted = then.get(Load.STAGE).value().hours();
        double worn = then.get(Beside.STAGE).value().endOfLifeH();
        Chemistry.Data data = then.get(Packs.STAGE).value().first().chemistry().data();
        return worn >= wanted
                ? Text.of("Enough also when it is worn to {}.", new Amount(Beside.END_OF_LIFE, Unit.PERCENT))
                : Text.of(
                        "Enough as it is now; worn to {}, after some {} years, {} of {}.",
                        new Amount(Beside.END_OF_LIFE, Unit.PERCENT),
                        Math.round(data.lifeYears()),
                        new Amount(worn, Unit.HOUR),
                        new Amount(wanted, Unit.HOUR));
    }
}
