package app.brightkeel.core.trip;

import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.battery.Simulation;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.load.RanTogether;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Use;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** A rig as it really is, and what it says of its trips: run by the circuit's own simulation, not by the model that is fitted. */
final class World {
    final Rig plan;
    final Gear gear;
    /** Of every unknown, in the order of the model. */
    final double[] truth;

    final List<Trip> trips = new ArrayList<>();
    final Set<String> slips = new HashSet<>();
    private final Random random;
    private final double slipShare;

    /** @param off from the plan, in standard deviations of the prior */
    World(Rig plan, double[] off, Random random, double slipShare) {
        this.random = random;
        this.slipShare = slipShare;
        Line line = Line.of(plan);
        gear = Gear.of(line).value();
        double dark = gear.baseW() + gear.moduleW();
        // the same draws as figures of each device, what its beams take with them
        this.plan = new RanTogether(List.of(), dark, gear.backW(), dark, gear.backW())
                .taken(line)
                .orElseThrow();
        TripModel model = new TripModel(gear, List.of());
        truth = model.prior();
        for (int u = 0; u < truth.length; u++) {
            truth[u] += model.spread()[u] * off[u];
        }
    }

    /** A trip as it was wanted; shorter where the battery gives no more. */
    void out(LocalDate day, LocalDate last, double celsius, double brightness, double modules, double hoursWanted) {
        double years = (last.toEpochDay() - day.toEpochDay()) / 365.25;
        double times = Math.exp(truth[2] + truth[3] * years);
        double ah = gear.ah() * times;
        DayRun run = run(times, celsius, brightness, modules);
        double amps = run.givenAh() / run.hours();
        double hours = Math.min(run.hours(), hoursWanted);
        boolean out = hours == run.hours();
        boolean charged = random.nextDouble() < 0.85 || out;
        double before = charged ? 1 - Math.abs(0.02 * random.nextGaussian()) : 0.7 + 0.25 * random.nextDouble();
        hours = charged ? hours : Math.min(hours, 0.6 * ah / amps);
        double drawn = amps * hours;
        // hours are rounded, and a rig stops a little sooner or later than it did the last time
        double said = hours * Math.exp((out ? 0.064 : 0.04) * random.nextGaussian());
        Figure beforeV = read(gear.restV(before) + 0.02 * random.nextGaussian());
        Figure afterV = read(gear.restV(before - drawn / ah) + 0.03 * random.nextGaussian());
        Figure counted = random.nextDouble() < 0.25
                ? Figure.measured(drawn * Math.exp(0.02 * random.nextGaussian()))
                : Figure.UNSET;
        String id = "trip-" + trips.size();
        if (!out && random.nextDouble() < slipShare) {
            // two figures changed over, a decimal typed wrong
            afterV = read(afterV.value() + (random.nextBoolean() ? 1.8 : -2.7));
            slips.add(id);
        }
        trips.add(new Trip(
                id,
                day.toString(),
                List.of(new Leg(Math.max(0.05, Math.min(24, said)), brightness, modules)),
                celsius,
                charged,
                beforeV,
                afterV,
                counted,
                out,
                List.of(),
                ""));
    }

    private static Figure read(double volts) {
        return Figure.measured(volts);
    }

    /** Until it stops. */
    DayRun run(double times, double celsius, double brightness, double modules) {
        List<Use> uses = plan.devices().stream()
                .map(device -> new Use(
                        device.id(),
                        Figure.chosen(brightness),
                        Figure.chosen(device.kind().display() ? 1 : modules)))
                .toList();
        Rig rig = plan.withDevices(plan.devices().stream().map(this::drawing).toList())
                .withHarness(plan.harness()
                        .withPacks(plan.harness().packs().stream()
                                .map(pack -> at(pack, celsius))
                                .toList()))
                .withOuting(new Outing(
                        Figure.chosen(celsius),
                        plan.outing().water(),
                        List.of(new Phase("day", "day", Figure.chosen(24), uses))));
        Simulation as = Line.of(rig).needs(Runtime.STAGE).value();
        List<PackString> packs = as.packs().stream()
                .map(source -> new PackString(source.members().stream()
                        .map(pack -> pack.usedTo(1)
                                .aged(pack.ageFactor() * times)
                                .withColdFactor(Math.pow(pack.coldFactor(), 1 + truth[4])))
                        .toList()))
                .toList();
        return new Simulation(as.topology(), as.ohms(), packs, List.of(), as.load(), as.minV(), as.spread())
                .asPlanned();
    }

    private static Pack at(Pack pack, double celsius) {
        return pack.withTempC(Figure.chosen(celsius));
    }

    private Device drawing(Device device) {
        return device.draw() instanceof Draw.Split split
                ? device.withDraw(new Draw.Split(
                        Figure.rated(split.baseW().value() * Math.exp(truth[0])),
                        Figure.rated(split.backlightW().value() * Math.exp(truth[1]))))
                : device;
    }
}
