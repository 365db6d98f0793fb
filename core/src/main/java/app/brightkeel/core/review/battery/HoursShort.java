package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.Circuits;
import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.battery.Endurance;
import app.brightkeel.core.battery.HoursOtherwise;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.battery.RuntimeBand;
import app.brightkeel.core.battery.Simulation;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.BatteryChanges;
import app.brightkeel.core.review.change.screen.ScreenChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The packs last the day: the median short of it fails, only the low hours short of it is close. */
final class HoursShort implements Rule {

    private static final double GUESSED = 0.1;

    /** Half a minute: less is not seen in the figures. */
    private static final double SHOWN_H = 1.0 / 120;

    @Override
    public Identity identity() {
        return new Identity("battery.hours", Link.BATTERY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Circuits.Order> order = line.get(Circuits.STAGE);
        if (!order.isKnown() || !line.get(Runtime.STAGE).isKnown()) {
            return SILENT;
        }
        WorstOf worst = new WorstOf();
        for (int c = 0; c < order.value().circuits().size(); c++) {
            new Circuit(line, order.value(), c).judge(worst);
        }
        return worst.judgement();
    }

    /** One circuit of the rig: what hangs on another is no matter of it. */
    private static final class Circuit {
        private final Line line;
        private final Simulation simulation;
        private final boolean first;
        private final String name;
        private final double wanted;
        private final DayRun median;

        Circuit(Line line, Circuits.Order order, int place) {
            this.line = line;
            simulation = order.circuits().get(place);
            first = place == 0;
            name = order.apart() ? Circuits.packs(line, simulation) + ": " : "";
            wanted = simulation.load().hours();
            median = first ? line.get(Runtime.STAGE).value() : simulation.asPlanned();
        }

        void judge(WorstOf worst) {
            double middle = median.hours();
            boolean two = twoDepths(line.rig(), simulation);
            if (wanted - middle >= SHOWN_H) {
                worst.add(
                        (middle - wanted) / wanted,
                        "{}{} of {}{}: {} short, {}because {}.",
                        name,
                        new Amount(middle, Unit.HOUR),
                        new Amount(wanted, Unit.HOUR),
                        two ? Text.of(" even if used deep, {} for a long life", longLife()) : "",
                        new Amount(wanted - middle, Unit.HOUR),
                        during(simulation.load(), middle),
                        median.end().words());
                return;
            }
            Optional<String> guessed = guessed(line.rig(), simulation);
            double low = (first ? line.get(RuntimeBand.STAGE).value() : Endurance.of(simulation, median)).lowH();
            if (low < wanted) {
                worst.add(
                        COMFORTABLE * Math.max(0, middle - wanted) / (middle - low) * 0.999,
                        "{}{} of {} in the middle, but one day in ten only {}.",
                        name,
                        new Amount(middle, Unit.HOUR),
                        new Amount(wanted, Unit.HOUR),
                        new Amount(low, Unit.HOUR));
            } else if (guessed.isPresent()) {
                worst.add(
                        GUESSED,
                        "{}{} of {}, if the {} draws what such things usually do: nobody said.",
                        name,
                        new Amount(middle, Unit.HOUR),
                        new Amount(wanted, Unit.HOUR),
                        guessed.get());
            } else if (two && longLife().si() < wanted) {
                worst.add(
                        COMFORTABLE * longLife().si() / wanted,
                        "{}{} of {} if it is used deep, which costs its life; {} to the depth for a long one. Choose its depth.",
                        name,
                        new Amount(middle, Unit.HOUR),
                        new Amount(wanted, Unit.HOUR),
                        longLife());
            } else {
                worst.add(
                        Math.min(1, COMFORTABLE + (low - wanted) / wanted),
                        "{}{} of {}.",
                        name,
                        new Amount(middle, Unit.HOUR),
                        new Amount(wanted, Unit.HOUR));
            }
        }

        private Amount longLife() {
            HoursOtherwise.Hours beside =
                    first ? line.get(HoursOtherwise.STAGE).value() : HoursOtherwise.STAGE.compute(simulation);
            return new Amount(beside.longLifeH(), Unit.HOUR);
        }
    }

    /** A device of which nobody said what it draws: hours by a guess do not hold. */
    private static Optional<String> guessed(Rig rig, Simulation circuit) {
        return circuit.fed().stream()
                .map(rig.devices()::get)
                .filter(device -> device.draw().guessed())
                .map(Device::name)
                .findFirst();
    }

    /** Lead has two depths until the person picks one (handbook §6): for a long life, and for once in a while. */
    private static boolean twoDepths(Rig rig, Simulation circuit) {
        return rig.harness().packs().stream()
                .anyMatch(pack -> circuit.gives(pack)
                        && pack.chemistry().lead()
                        && !pack.cranking().engine()
                        && pack.depth().basis() == Figure.Basis.ASSUMED);
    }

    /** In which part of the day it ends, where there are several. */
    private static String during(DayLoad load, double hours) {
        List<DayLoad.PhaseLoad> phases = load.phases();
        return phases.stream()
                .filter(phase -> phases.size() > 1 && phase.from() + phase.hours() > hours)
                .findFirst()
                .map(phase -> "in the part “" + phase.name() + "”, ")
                .orElse("");
    }

    @Override
    public Stream<Change> cures(Line line) {
        boolean guessed = line.get(Circuits.STAGE)
                .map(order -> order.circuits().stream()
                        .anyMatch(circuit -> guessed(line.rig(), circuit).isPresent()))
                .orElse(false);
        return guessed
                ? Stream.concat(ScreenChanges.guessed(line), BatteryChanges.longer(line))
                : BatteryChanges.longer(line);
    }

    /** What is judged as it is now will be worn one day. */
    @Override
    public Text remark(Line then) {
        double wanted = then.get(Load.STAGE).value().hours();
        double worn = then.get(HoursOtherwise.STAGE).value().endOfLifeH();
        Chemistry.Data data =
                then.needs(Runtime.STAGE).value().first().chemistry().data();
        return worn >= wanted
                ? Text.of("Enough also when it is worn to {}.", new Amount(HoursOtherwise.END_OF_LIFE, Unit.PERCENT))
                : Text.of(
                        "Enough as it is now; worn to {}, after some {} years, {} of {}.",
                        new Amount(HoursOtherwise.END_OF_LIFE, Unit.PERCENT),
                        Math.round(data.lifeYears()),
                        new Amount(worn, Unit.HOUR),
                        new Amount(wanted, Unit.HOUR));
    }

    @Override
    public Text byHand() {
        return Text.of(
                "No battery in the list lasts and fits: a shorter day, less that draws, or more room for a larger one.");
    }
}
