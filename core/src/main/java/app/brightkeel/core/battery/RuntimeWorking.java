package app.brightkeel.core.battery;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.circuit.Laid;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Pointer;
import java.util.List;

/** How the hours came about. */
final class RuntimeWorking {

    private static final Source SOURCE = Source.published(
            "Peukert's law after Linden & Reddy, Handbook of Batteries; discharge stepped along the rest-voltage curve");

    private static final Source BALANCE = Source.derived("energy is neither made nor lost");

    private RuntimeWorking() {}

    static Working of(Line line) {
        Outcome<Endurance> outcome = line.get(RuntimeBand.STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("Hours", outcome.missing());
        }
        Endurance hours = outcome.value();
        Simulation circuit = line.needs(Runtime.STAGE).value();
        double availableAh =
                circuit.packs().stream().mapToDouble(PackString::availableAh).sum();
        PackModel first = circuit.first();
        double perPack = hours.meanA() / circuit.packs().size();
        Working.Builder all = Working.of("Hours", "t ≈ C·depth·rate / I, run as a simulation", SOURCE);
        apart(line, all);
        all.opened("P", "mean draw over the day", circuit.load().meanW(), Unit.WATT, Load.STAGE.working(line))
                .opened("C", "capacity on the day", availableAh, Unit.AMPERE_HOUR, Packs.STAGE.working(line))
                .step("rate", "Peukert factor at the mean current", first.rateFactor(perPack), Unit.FACTOR)
                .step("depth", "share of the charge that may be used", first.depth(), Unit.PERCENT)
                .step("I", "mean current of the packs", hours.meanA(), Unit.AMPERE);
        volts(line, circuit, all);
        run(line, hours, all);
        beside(line, all);
        spread(line, all);
        return all.step("low", "nine days of ten last longer", hours.lowH(), Unit.HOUR)
                .step("high", "one day of ten lasts longer", hours.highH(), Unit.HOUR)
                .result("t", "median", hours.median().hours(), Unit.HOUR)
                .done();
    }

    /** Of circuits that share no wire only the one that ends first is told; how long the others last stands beside. */
    private static void apart(Line line, Working.Builder all) {
        Circuits.Order order = line.get(Circuits.STAGE).value();
        for (Simulation circuit : order.circuits()) {
            if (order.apart()) {
                all.step(
                        "t",
                        "what hangs on " + Circuits.packs(line, circuit),
                        circuit.asPlanned().hours(),
                        Unit.HOUR);
            }
        }
        if (order.apart()) {
            all.remark(
                    "below: what hangs on {}, the first to end",
                    Circuits.packs(line, order.circuits().get(0)));
        }
    }

    private static void volts(Line line, Simulation circuit, Working.Builder all) {
        Outcome<FeedState> known = line.get(Feed.STAGE);
        if (!known.isKnown()) {
            all.remark("no wire is counted yet, as far as nobody said how long and thick it is");
            return;
        }
        FeedState feed = known.value();
        int worst = feed.worstDevice(circuit.fed());
        if (worst >= 0 && feed.empty().exists()) {
            all.opened(
                    "V",
                    "worst device, nearly empty",
                    feed.deviceVolts(worst, feed.empty()).value(),
                    Unit.VOLT,
                    Feed.STAGE.working(line));
        }
        List<Device> devices = line.rig().devices();
        for (int d : circuit.fed()) {
            all.figure(
                    "V min",
                    devices.get(d).name() + ", lowest volts",
                    devices.get(d).limits().minV(),
                    Unit.VOLT,
                    Pointer.device(d, "limits/minV"));
        }
    }

    private static void run(Line line, Endurance hours, Working.Builder all) {
        DayRun run = hours.median();
        all.remark("ended because {}", run.end().words());
        if (run.end() == End.DEVICE_MINIMUM) {
            all.remark(
                    "first to stop: {}", line.rig().devices().get(run.device()).name());
        }
        all.step("charge", "left in the pack then", run.charge(), Unit.PERCENT)
                .step("Q", "ampere-hours given", run.givenAh(), Unit.AMPERE_HOUR)
                .opened("E", "energy given at the terminals", run.energy().givenWh(), Unit.WATT_HOUR, balance(run))
                .step("label", "label ampere-hours over the mean current", hours.labelH(), Unit.HOUR);
    }

    /** Both sides of the balance: what the cells gave, and where it went. */
    private static Working balance(DayRun run) {
        Energy energy = run.energy();
        return Working.of("Where the energy went", "cells = devices + wire + inside the packs", BALANCE)
                .step("devices", "power × time", energy.devicesWh(), Unit.WATT_HOUR)
                .step("wire", "lost between terminals and devices", energy.wireWh(), Unit.WATT_HOUR)
                .step("inside", "lost inside the packs", energy.innerWh(), Unit.WATT_HOUR)
                .step("cells", "rest volts over the charge that left", energy.cellsWh(), Unit.WATT_HOUR)
                .step("open", "what the two sides differ by", energy.openShare(), Unit.FINE_PERCENT)
                .result("E", "at the terminals", energy.givenWh(), Unit.WATT_HOUR)
                .done();
    }

    private static void beside(Line line, Working.Builder all) {
        HoursOtherwise.Hours beside = line.get(HoursOtherwise.STAGE).value();
        if (beside.endOfLifeH() < line.get(Runtime.STAGE).value().hours()) {
            all.step("old", "the same at 80 % of its rating", beside.endOfLifeH(), Unit.HOUR);
        }
        double wireH = beside.noWireH() - line.get(Runtime.STAGE).value().hours();
        if (line.get(Laid.STAGE).map(Laid.Harnessed::whole).orElse(false)) {
            all.step("wire", "hours that the wire takes", Math.max(0, wireH), Unit.HOUR);
        }
        if (beside.longLifeH() != beside.onceH()) {
            all.step("long life", "used to the depth for a long life", beside.longLifeH(), Unit.HOUR)
                    .step("once", "used to the depth for once in a while", beside.onceH(), Unit.HOUR);
        }
        all.step("empty", "to the very end", beside.emptyH(), Unit.HOUR);
    }

    private static void spread(Line line, Working.Builder all) {
        Simulation circuit = line.needs(Runtime.STAGE).value();
        Simulation.Spreads spreads = circuit.spread();
        List<Device> devices = line.rig().devices();
        for (int d : circuit.fed()) {
            all.step("±", "draw of the " + devices.get(d).name(), spreads.draw().get(d), Unit.PERCENT);
        }
        for (Pack pack : line.rig().harness().packs()) {
            if (circuit.gives(pack)) {
                double cold = pack.chemistry().data().coldSpreadAt(pack.tempC().value());
                all.step("±", "cold factor of the " + pack.name(), cold, Unit.PERCENT);
            }
        }
        all.step("±", "capacity: rating, age and cold together", spreads.capacity(), Unit.PERCENT)
                .step("±", "inner resistance", spreads.ohm(), Unit.PERCENT);
    }
}
