package app.brightkeel.core.water;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Gathers depths of one sounder as they come, in fixed room however long the log is. */
public final class DepthLog {

    private static final double SHALLOWEST_M = 0.2;
    private static final double DEEPEST_M = 1000;

    /** Step in which the time is kept until the whole range is known [m]. */
    private static final double FINE_M = 0.1;

    /** Longest time one depth stands for: past it the sounder was off [s]; common practice, no source. */
    private static final double MOST_GAP_S = 30;

    /** Where depths come more seldom: so many times their usual gap, at most; common practice, no source. */
    private static final double GAP_TIMES = 3;

    private static final double LONGEST_GAP_S = 600;

    /** Gaps above {@link #MOST_GAP_S} that are kept until the usual one is known: a week of them. */
    private static final int MOST_GAPS = 20_000;

    /** A clock that steps back by less is the same clock [s]; common practice, no source. */
    private static final double JITTER_S = 3;

    /** A depth so far from the last ones is a false echo, unless it stays; common practice, no source [m]. */
    private static final double JUMP_M = 20;

    private static final double JUMP_TIMES = 3;
    private static final int STAYS = 5;

    private final double[] secondsAt = new double[(int) (DEEPEST_M / FINE_M) + 1];
    private final double[] last = new double[STAYS];
    private int known;
    private int jumps;
    private double lastAtS = Double.NaN;
    private double lastM;
    private int samples;
    private int dropped;
    private int repeated;

    /** A gap above {@link #MOST_GAP_S}, and the step of depth before it. */
    private record Gap(double seconds, int step) {}

    private final List<Gap> gaps = new ArrayList<>();
    private int shortGaps;
    private final Covered covered = new Covered();
    private double runFromS = Double.NaN;

    /**
     * One depth.
     *
     * @param atS any clock that runs on [s]; what was said of a time before is not said again
     */
    public void depth(double atS, double depthM) {
        if (atS < lastAtS - JITTER_S) {
            endRun();
        }
        if (covered.contains(atS)) {
            repeated++;
            endRun();
            return;
        }
        if (!(depthM >= SHALLOWEST_M && depthM <= DEEPEST_M) || jumps(depthM)) {
            dropped++;
            return;
        }
        double gap = atS - lastAtS;
        if (gap > 0) {
            gap(gap, (int) (lastM / FINE_M));
        }
        if (Double.isNaN(runFromS)) {
            runFromS = atS;
        }
        lastAtS = gap < 0 ? lastAtS : atS;
        lastM = depthM;
        last[samples++ % STAYS] = depthM;
        known = Math.min(known + 1, STAYS);
    }

    private void gap(double seconds, int step) {
        if (seconds <= MOST_GAP_S) {
            secondsAt[step] += seconds;
            shortGaps++;
        } else if (gaps.size() < MOST_GAPS) {
            gaps.add(new Gap(seconds, step));
        }
    }

    /** What follows is another stretch of time. */
    private void endRun() {
        if (!Double.isNaN(runFromS)) {
            covered.add(runFromS, lastAtS);
        }
        runFromS = Double.NaN;
        lastAtS = Double.NaN;
    }

    private boolean jumps(double depthM) {
        if (known == STAYS) {
            double[] sorted = last.clone();
            Arrays.sort(sorted);
            double usual = sorted[STAYS / 2];
            double off = Math.abs(depthM - usual);
            if (off > JUMP_M && (depthM > JUMP_TIMES * usual || depthM < usual / JUMP_TIMES)) {
                if (++jumps < STAYS) {
                    return true;
                }
                known = 0;
            }
        }
        jumps = 0;
        return false;
    }

    public int samples() {
        return samples;
    }

    /** Depths of a time that had been said before. */
    public int repeated() {
        return repeated;
    }

    /**
     * What was fished; empty where no two depths followed each other.
     *
     * @param waterC mean of the water's temperature, where it was measured [°C]
     */
    public Optional<Fished> fished(String name, Optional<Double> waterC) {
        double[] seconds = withSeldom();
        double all = Arrays.stream(seconds).sum();
        if (all <= 0) {
            return Optional.empty();
        }
        TimeByDepth time = new TimeByDepth(seconds, FINE_M);
        return Optional.of(new Fished(
                time.logged(name),
                time.above(0.05 * all),
                time.above(0.5 * all),
                time.above(0.95 * all),
                waterC,
                samples,
                dropped));
    }

    /** Where most gaps are long, each depth stands until the next all the same. */
    private double[] withSeldom() {
        double[] seconds = secondsAt.clone();
        if (gaps.size() > shortGaps) {
            double usual = gaps.stream().mapToDouble(Gap::seconds).sorted().toArray()[gaps.size() / 2];
            double most = Math.min(LONGEST_GAP_S, GAP_TIMES * usual);
            gaps.stream().filter(gap -> gap.seconds() <= most).forEach(gap -> seconds[gap.step()] += gap.seconds());
        }
        return seconds;
    }
}
