package app.brightkeel.core.trip;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import java.time.LocalDate;
import java.util.HashSet;
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
        Rig rig = TestRigs.simple(Pack.labelled("pack", "pack", chemistry, Figure.rated(AH)), WATTS, 6, 10);
        return rig.with(
                rig.devices().get(0).withDraw(new Draw.Split(Figure.rated(WATTS * 0.6), Figure.rated(WATTS * 0.4))));
    }

    private static World world(long seed) {
        // seeds one after the other begin alike
        Random random = new Random(new Random(seed).nextLong());
        double[] off = new double[TripModel.Unknown.values().length];
        for (int u = 0; u < off.length; u++) {
            off[u] = random.nextGaussian();
        }
        World world = new World(planned(CHEMISTRIES[(int) (seed % CHEMISTRIES.length)]), off, random, 0.05);
        int[] days = new int[TRIPS];
        for (int t = 0; t < TRIPS; t++) {
            days[t] = 75 * t + random.nextInt(40);
        }
        LocalDate first = LocalDate.of(2024, 5, 1);
        for (int day : days) {
            double celsius = -8 + 30 * random.nextDouble();
            double brightness = 0.2 + 0.8 * random.nextDouble();
            world.out(
                    first.plusDays(day),
                    first.plusDays(days[TRIPS - 1]),
                    celsius,
                    brightness,
                    1,
                    2 + 12 * random.nextDouble());
        }
        return world;
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
            World world = world(w);
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
