package app.brightkeel.core.water;

import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Logged;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Gathers depths and temperatures of one sounder as they come, in fixed room however long the log is. */
public final class DepthLog {

    private static final double SHALLOWEST_M = 0.2;
    private static final double DEEPEST_M = 1000;

    /** Step in which the time is kept until the whole range is known [m]. */
    private static final double FINE_M = 0.1;

    /** Longest time one depth stands for: past it the sounder was off [s]; common practice, no source. */
    private static final double MOST_GAP_S = 30;

    /** A depth so far from the last ones is a false echo, unless it stays; common practice, no source [m]. */
    private static final double JUMP_M = 20;

    private static final double JUMP_TIMES = 3;
    private static final int STAYS = 5;

    /** About so many steps of depth are shown. */
    private static final int STEPS = 30;

    private final double[] secondsAt = new double[(int) (DEEPEST_M / FINE_M) + 1];
    private final double[] last = new double[STAYS];
    private int known;
    private int jumps;
    private double lastAtS = Double.NaN;
    private double lastM;
    private int samples;
    private int dropped;
    private final MeanTemperature temperature;

    public DepthLog() {
        this(new MeanTemperature());
    }

    /** One of several sounders beside one thermometer. */
    public DepthLog(MeanTemperature temperature) {
        this.temperature = temperature;
    }

    /**
     * One depth.
     *
     * @param atS any clock that runs on [s]
     */
    public void depth(double atS, double depthM) {
        if (!(depthM >= SHALLOWEST_M && depthM <= DEEPEST_M) || jumps(depthM)) {
            dropped++;
            return;
        }
        double gap = atS - lastAtS;
        if (gap > 0 && gap <= MOST_GAP_S) {
            secondsAt[(int) (lastM / FINE_M)] += gap;
        }
        lastAtS = atS;
        lastM = depthM;
        last[samples++ % STAYS] = depthM;
        known = Math.min(known + 1, STAYS);
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

    /** One temperature of the water [°C]; what no water has is left out. */
    public void temperature(double waterC) {
        temperature.add(waterC);
    }

    public int samples() {
        return samples;
    }

    /** What was fished; empty where no two depths followed each other. */
    public Optional<Fished> fished(String name) {
        double all = Arrays.stream(secondsAt).sum();
        if (all <= 0) {
            return Optional.empty();
        }
        Logged logged = new Logged(name, Figure.measured(step()), hours());
        return Optional.of(new Fished(
                logged, at(0.05 * all), at(0.5 * all), at(0.95 * all), temperature.mean(), samples, dropped));
    }

    /** Depth above which so many seconds were spent. */
    private double at(double seconds) {
        double sum = 0;
        for (int i = 0; i < secondsAt.length; i++) {
            sum += secondsAt[i];
            if (sum >= seconds) {
                return (i + 0.5) * FINE_M;
            }
        }
        return DEEPEST_M;
    }

    private int deepest() {
        int deepest = secondsAt.length - 1;
        while (secondsAt[deepest] == 0) {
            deepest--;
        }
        return deepest;
    }

    /** A round step of depth, so that there are about {@link #STEPS}. */
    private double step() {
        double rough = Math.max(FINE_M, (deepest() + 1) * FINE_M / STEPS);
        double power = Math.pow(10, Math.floor(Math.log10(rough)));
        for (double factor : new double[] {1, 2, 5}) {
            if (factor * power >= rough - 1e-9) {
                return factor * power;
            }
        }
        return 10 * power;
    }

    private List<Double> hours() {
        int fine = (int) Math.round(step() / FINE_M);
        List<Double> hours = new ArrayList<>();
        for (int from = 0; from <= deepest(); from += fine) {
            double seconds = 0;
            for (int i = from; i < Math.min(from + fine, secondsAt.length); i++) {
                seconds += secondsAt[i];
            }
            hours.add(Math.round(seconds / 3.6) / 1000.0);
        }
        return hours;
    }
}
