package app.brightkeel.core.water;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Logged;
import app.brightkeel.core.rig.Water;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Time by depth against a plain sorted list of seconds, and what is left out of a log. */
public class DepthLogTest {

    private static Fished fished(DepthLog log) {
        return log.fished("a day", Optional.empty()).orElseThrow();
    }

    /** A second each, straying between two depths. */
    private static List<Double> walk(long seed, double leastM, double mostM, int seconds) {
        Random random = new Random(seed);
        List<Double> depths = new ArrayList<>();
        double off = 0;
        for (int s = 0; s < seconds; s++) {
            off += 0.05 * random.nextGaussian() - 0.001 * off;
            depths.add(leastM + (mostM - leastM) * (0.5 + 0.5 * Math.tanh(off)));
        }
        return depths;
    }

    @DataProvider
    public Object[][] walks() {
        return new Object[][] {{1, 0.5, 3}, {2, 2, 9}, {3, 14, 38}, {4, 20, 90}, {5, 5, 400}, {6, 300, 990}};
    }

    @Test(dataProvider = "walks")
    public void sharesOfTimeAgreeWithASortedList(int seed, double leastM, double mostM) {
        List<Double> depths = walk(seed, leastM, mostM, 20_000);
        DepthLog log = new DepthLog();
        for (int s = 0; s < depths.size(); s++) {
            log.depth(s, depths.get(s));
        }
        List<Double> sorted =
                depths.subList(0, depths.size() - 1).stream().sorted().toList();
        Fished fished = fished(log);
        assertEquals(fished.leastM(), sorted.get(sorted.size() / 20), 0.11);
        assertEquals(fished.typicalM(), sorted.get(sorted.size() / 2), 0.11);
        assertEquals(fished.mostM(), sorted.get(sorted.size() * 19 / 20), 0.11);
        assertEquals(fished.samples(), depths.size());
        assertHistogram(fished.logged(), sorted);
    }

    private static void assertHistogram(Logged logged, List<Double> seconds) {
        double step = logged.binM().value();
        assertTrue(
                logged.hoursAt().size() <= Logged.MOST_STEPS && logged.hoursAt().size() >= 5, logged.toString());
        assertEquals(logged.hours(), seconds.size() / 3600.0, 0.01 * seconds.size() / 3600.0);
        for (int i = 0; i < logged.hoursAt().size(); i++) {
            double from = i * step;
            double to = from + step;
            double counted = seconds.stream().filter(m -> m >= from && m < to).count() / 3600.0;
            // a depth on the edge of a fine step may fall to either side
            assertEquals(logged.hoursAt().get(i), counted, 0.1 * counted + 0.02, "from " + from);
        }
    }

    /** What is said, and how many depths are dropped for it; the rest is an hour and more at 6 m. */
    @DataProvider
    public Object[][] spoilt() {
        return new Object[][] {
            {List.of(), 0},
            {List.of(3000.0), 1},
            {List.of(-1.0, 0.0, 0.1), 3},
            {List.of(Double.NaN, Double.POSITIVE_INFINITY), 2},
            {List.of(300.0), 1},
            {List.of(300.0, 310.0, 290.0, 300.0), 4},
        };
    }

    @Test(dataProvider = "spoilt")
    public void whatCannotBeTrueIsLeftOut(List<Double> bad, int dropped) {
        DepthLog log = new DepthLog();
        int at = 0;
        for (int s = 0; s < 2000; s++) {
            log.depth(at++, 6.04);
        }
        for (double depth : bad) {
            log.depth(at++, depth);
        }
        for (int s = 0; s < 2000; s++) {
            log.depth(at++, 6.04);
        }
        Fished fished = fished(log);
        assertEquals(fished.dropped(), dropped);
        assertEquals(fished.mostM(), 6.05, 1e-9);
        assertEquals(fished.logged().hours(), (at - 1) / 3600.0, 0.002);
    }

    /** A new bottom that stays is believed: the edge of a wall, not an echo. */
    @Test
    public void aDropThatStaysIsADrop() {
        DepthLog log = new DepthLog();
        for (int s = 0; s < 7200; s++) {
            log.depth(s, s < 3600 ? 8 : 120);
        }
        Fished fished = fished(log);
        assertEquals(fished.leastM(), 8, 0.06);
        assertEquals(fished.mostM(), 120, 0.06);
        assertTrue(fished.dropped() < 6, "dropped " + fished.dropped());
    }

    /** Lunch with the sounder off counts for nothing, and neither does a clock that runs backwards. */
    @Test
    public void gapsInTheClockAreNoTimeOverTheBottom() {
        DepthLog log = new DepthLog();
        for (int s = 0; s <= 1800; s++) {
            log.depth(s, 5);
        }
        for (int s = 9000; s <= 10_800; s++) {
            log.depth(s, 15);
        }
        log.depth(20, 15);
        assertEquals(fished(log).logged().hours(), 1, 0.001);
        assertEquals(new DepthLog().fished("nothing", Optional.empty()), Optional.empty());
        DepthLog one = new DepthLog();
        one.depth(0, 5);
        assertEquals(one.fished("one", Optional.empty()), Optional.empty());
    }

    @Test
    public void temperaturesAreTheirMeanWithoutWhatNoWaterHas() {
        MeanTemperature mean = new MeanTemperature();
        assertEquals(mean.mean(), Optional.empty());
        for (double celsius : new double[] {7, 8, 9, 85, -40, Double.NaN}) {
            mean.add(celsius);
        }
        assertEquals(mean.mean().orElseThrow(), 8.0, 1e-9);
    }

    /** Depths so many seconds apart: seldom is not never, but from so seldom a track nobody knows what lay between. */
    @DataProvider
    public Object[][] seldom() {
        return new Object[][] {{1, 2.0}, {30, 2.0}, {31, 2.0}, {60, 2.0}, {300, 2.0}, {601, 0.0}};
    }

    @Test(dataProvider = "seldom")
    public void eachStandsUntilTheNext(int apartS, double hours) {
        DepthLog log = new DepthLog();
        for (int s = 0; s <= 7200; s += apartS) {
            log.depth(s, s < 3600 ? 4 : 9);
        }
        Optional<Fished> fished = log.fished("a day", Optional.empty());
        assertEquals(fished.map(day -> day.logged().hours()).orElse(0.0), hours, apartS / 3600.0);
        assertEquals(fished.isPresent(), hours > 0);
    }

    /** A minute's track with an hour's lunch in it: lunch counts for nothing. */
    @Test
    public void aLongPauseAmongSeldomDepthsIsAPause() {
        DepthLog log = new DepthLog();
        for (int s = 0; s <= 7200; s += 60) {
            log.depth(s + (s > 3600 ? 3000 : 0), 6);
        }
        assertEquals(fished(log).logged().hours(), 119 / 60.0, 0.002);
    }

    /** The same day twice, the whole in parts, parts in any order: each second once. A clock that trembles is one clock. */
    @DataProvider
    public Object[][] told() {
        return new Object[][] {
            {new int[] {0, 3600, 0, 3600}, 1.0, 3601},
            {new int[] {1800, 3600, 0, 1799}, 0.9997, 0},
            {new int[] {0, 3600, 600, 1200, 3000, 4800}, 4800 / 3600.0, 601 + 601},
            {new int[] {7200, 9000, 0, 1800}, 1.0, 0},
        };
    }

    @Test(dataProvider = "told")
    public void whatIsToldTwiceCountsOnce(int[] stretches, double hours, int repeated) {
        DepthLog log = new DepthLog();
        for (int i = 0; i < stretches.length; i += 2) {
            for (int s = stretches[i]; s <= stretches[i + 1]; s++) {
                log.depth(s + (s % 7 == 0 ? 0.4 : 0), 6);
                log.depth(s, 6);
            }
        }
        assertEquals(fished(log).logged().hours(), hours, 0.002);
        assertEquals(log.repeated(), 2 * repeated, 4);
    }

    /** By hand: a display that reckons 5 % too fast shows 21 m where 20 are. */
    @Test
    public void theWaterGetsTrueDepthsAndTheLogStaysAsShown() {
        DepthLog log = new DepthLog();
        for (int s = 0; s < 4000; s++) {
            log.depth(s, 21);
        }
        Fished warm = log.fished("a day", Optional.of(11.26)).orElseThrow();
        Water water = warm.temperatureIn(warm.depthsIn(Water.UNKNOWN.withFishM(Figure.chosen(0.3)), 0.05));
        assertEquals(water.leastM(), Figure.measured(20.0));
        assertEquals(water.mostM(), Figure.measured(20.0));
        assertEquals(water.waterC(), Figure.measured(11.3));
        assertEquals(water.fishM(), Figure.chosen(0.3));
        assertEquals(water.logged().name(), "a day");
        Fished bare = fished(log);
        Fished cold = new Fished(bare.logged(), 5, 6, 7, Optional.empty(), 10, 0);
        assertEquals(cold.temperatureIn(Water.UNKNOWN).waterC(), Figure.UNSET);
    }
}
