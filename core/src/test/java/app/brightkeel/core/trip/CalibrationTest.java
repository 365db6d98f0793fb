package app.brightkeel.core.trip;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.battery.Simulation;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.reference.Chemistry;
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
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import org.testng.Reporter;
import org.testng.annotations.Test;

/**
 * Trips of worlds whose truth is known, run by the simulation of the circuit and not by the model that is fitted: what was put there
 * is found again, bands hold what they say, slips are found.
 */
public class CalibrationTest {

    private static final int WORLDS = 300;
    private static final int TRIPS = 14;
    private static final double WATTS = 14;
    private static final double AH = 12;
    private static final Chemistry[] CHEMISTRIES = {Chemistry.LIFEPO4, Chemistry.AGM, Chemistry.NMC};

    /** As it was planned. */
    private static Rig planned(Chemistry chemistry) {
        return drawing(TestRigs.simple(Pack.labelled("pack", "pack", chemistry, Figure.rated(AH)), WATTS, 6, 10), 1, 1);
    }

    private static Rig drawing(Rig rig, double base, double back) {
        return rig.with(rig.devices()
                .get(0)
                .withDraw(new Draw.Split(Figure.rated(WATTS * 0.6 * base), Figure.rated(WATTS * 0.4 * back))));
    }

    /** A rig as it really is, and what it says of its trips. */
    private static final class World {
        private final Chemistry chemistry;
        private final Gear gear;
        private final double[] truth;
        private final Random random;
        private final List<Trip> trips = new ArrayList<>();
        private final Set<String> slips = new HashSet<>();

        World(long seed) {
            // seeds one after the other begin alike
            random = new Random(new Random(seed).nextLong());
            chemistry = CHEMISTRIES[(int) (seed % CHEMISTRIES.length)];
            gear = Gear.of(Line.of(planned(chemistry))).value();
            TripModel model = new TripModel(gear, List.of());
            truth = model.prior();
            for (int u = 0; u < truth.length; u++) {
                truth[u] += model.spread()[u] * random.nextGaussian();
            }
            int[] days = new int[TRIPS];
            for (int t = 0; t < TRIPS; t++) {
                days[t] = 75 * t + random.nextInt(40);
            }
            for (int t = 0; t < TRIPS; t++) {
                trips.add(trip(t, days[t], days[TRIPS - 1]));
            }
        }

        private Trip trip(int t, int after, int last) {
            double celsius = -8 + 30 * random.nextDouble();
            double brightness = 0.2 + 0.8 * random.nextDouble();
            double ah = AH * Math.exp(truth[2] + truth[3] * (last - after) / 365.25);
            DayRun run = run(ah, celsius, brightness);
            double amps = run.givenAh() / run.hours();
            double hours = Math.min(run.hours(), 2 + 12 * random.nextDouble());
            boolean out = hours == run.hours();
            boolean charged = random.nextDouble() < 0.85 || out;
            double before = charged ? 1 - Math.abs(0.02 * random.nextGaussian()) : 0.7 + 0.25 * random.nextDouble();
            hours = charged ? hours : Math.min(hours, 0.6 * ah / amps);
            double drawn = amps * hours;
            // hours are rounded, and a rig stops a little sooner or later than it did the last time
            double said = hours * Math.exp((out ? 0.064 : 0.04) * random.nextGaussian());
            Figure beforeV = Figure.measured(gear.restV(before) + 0.02 * random.nextGaussian());
            Figure afterV = Figure.measured(gear.restV(before - drawn / ah) + 0.03 * random.nextGaussian());
            Figure counted = random.nextDouble() < 0.25
                    ? Figure.measured(drawn * Math.exp(0.02 * random.nextGaussian()))
                    : Figure.UNSET;
            String id = "trip-" + t;
            if (!out && random.nextDouble() < 0.05) {
                // two figures changed over, a decimal typed wrong
                afterV = Figure.measured(afterV.value() + (random.nextBoolean() ? 1.8 : -2.7));
                slips.add(id);
            }
            return new Trip(
                    id,
                    LocalDate.of(2024, 5, 1).plusDays(after).toString(),
                    List.of(new Leg(Math.min(24, said), brightness, 1)),
                    celsius,
                    charged,
                    beforeV,
                    afterV,
                    counted,
                    out,
                    List.of(),
                    "");
        }

        /** Until it stops, by the circuit's own simulation. */
        private DayRun run(double ah, double celsius, double brightness) {
            Rig plan = TestRigs.simple(TestRigs.pack(chemistry, ah), WATTS, 6, celsius);
            Use use = new Use(plan.devices().get(0).id(), Figure.chosen(brightness), Figure.chosen(1));
            Rig rig = drawing(plan, Math.exp(truth[0]), Math.exp(truth[1]))
                    .withOuting(new Outing(
                            Figure.chosen(celsius),
                            plan.outing().water(),
                            List.of(new Phase("day", "day", Figure.chosen(24), List.of(use)))));
            Simulation as = Line.of(rig).needs(Runtime.STAGE).value();
            List<PackString> packs = as.packs().stream()
                    .map(source -> new PackString(source.members().stream()
                            .map(pack -> pack.usedTo(1).withColdFactor(Math.pow(pack.coldFactor(), 1 + truth[4])))
                            .toList()))
                    .toList();
            return new Simulation(as.topology(), as.ohms(), packs, List.of(), as.load(), as.minV(), as.spread())
                    .asPlanned();
        }
    }

    /** Recovery of what was put there, and coverage of what was held back, printed. */
    @Test
    public void whatIsTrueIsFoundAgain() {
        Calibration.What[] whats = Calibration.What.values();
        int[] inside = new int[whats.length];
        double[] priorOff = new double[whats.length];
        double[] off = new double[whats.length];
        int held = 0;
        int of = 0;
        int slips = 0;
        int found = 0;
        int wronged = 0;
        int said = 0;
        for (int w = 0; w < WORLDS; w++) {
            World world = new World(w);
            Calibration calibration = Calibration.of(world.gear, world.trips);
            double[] real = {
                (world.gear.baseW() + world.gear.moduleW()) * Math.exp(world.truth[0]),
                world.gear.backW() * Math.exp(world.truth[1]),
                world.gear.ah() * Math.exp(world.truth[2]),
                world.truth[3],
                1 + world.truth[4]
            };
            for (int u = 0; u < whats.length; u++) {
                Calibration.Taught taught = calibration.taught().get(u);
                inside[u] += real[u] >= taught.afterLow() && real[u] <= taught.afterHigh() ? 1 : 0;
                priorOff[u] += Math.abs(taught.before() - real[u]);
                off[u] += Math.abs(taught.after() - real[u]);
            }
            held += calibration.held().inside();
            of += calibration.held().of();
            Set<String> out = new HashSet<>();
            calibration.leftOut().forEach(each -> out.add(each.trip()));
            slips += world.slips.size();
            found += (int) world.slips.stream().filter(out::contains).count();
            wronged += (int)
                    out.stream().filter(each -> !world.slips.contains(each)).count();
            said += world.trips.size();
        }
        StringBuilder told = new StringBuilder();
        for (int u = 0; u < whats.length; u++) {
            told.append(String.format(
                    Locale.ROOT,
                    "%s: inside P10-P90 %.1f %%, off by %.3f, planned by %.3f%n",
                    whats[u],
                    100.0 * inside[u] / WORLDS,
                    off[u] / WORLDS,
                    priorOff[u] / WORLDS));
        }
        told.append(String.format(
                Locale.ROOT,
                "held back %d of %d (%.1f %%) inside, slips %d of %d found, %d of %d sound trips wronged",
                held,
                of,
                100.0 * held / of,
                found,
                slips,
                wronged,
                said - slips));
        Reporter.log(told.toString(), true);
        for (int u = 0; u < whats.length; u++) {
            double share = 1.0 * inside[u] / WORLDS;
            assertTrue(share > 0.7 && share < 0.92, told.toString());
            assertTrue(off[u] <= priorOff[u], told.toString());
        }
        assertTrue(off[2] < 0.6 * priorOff[2], told.toString());
        assertEquals(1.0 * held / of, 0.8, 0.05, told.toString());
        assertTrue(found >= 0.85 * slips && wronged <= 0.01 * said, told.toString());
    }
}
