package app.brightkeel.core.water;

import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Logged;
import java.util.ArrayList;
import java.util.List;

/** Seconds spent over each fine step of depth, in coarser steps to be shown. */
final class TimeByDepth {

    /** About so many steps of depth are shown. */
    private static final int STEPS = 30;

    private final double[] seconds;
    private final double fineM;

    /** @param seconds over each step; some of them more than 0 */
    TimeByDepth(double[] seconds, double fineM) {
        this.seconds = seconds.clone();
        this.fineM = fineM;
    }

    Logged logged(String name) {
        return new Logged(name, Figure.measured(step()), hours());
    }

    /** Depth above which so many seconds were spent [m]. */
    double above(double wanted) {
        double sum = 0;
        for (int i = 0; i < seconds.length; i++) {
            sum += seconds[i];
            if (sum >= wanted) {
                return (i + 0.5) * fineM;
            }
        }
        return seconds.length * fineM;
    }

    private int deepest() {
        int deepest = seconds.length - 1;
        while (seconds[deepest] == 0) {
            deepest--;
        }
        return deepest;
    }

    /** A round step of depth, so that there are about {@link #STEPS}. */
    private double step() {
        double rough = Math.max(fineM, (deepest() + 1) * fineM / STEPS);
        double power = Math.pow(10, Math.floor(Math.log10(rough)));
        for (double factor : new double[] {1, 2, 5}) {
            if (factor * power >= rough - 1e-9) {
                return factor * power;
            }
        }
        return 10 * power;
    }

    private List<Double> hours() {
        int fine = (int) Math.round(step() / fineM);
        List<Double> hours = new ArrayList<>();
        for (int from = 0; from <= deepest(); from += fine) {
            double all = 0;
            for (int i = from; i < Math.min(from + fine, seconds.length); i++) {
                all += seconds[i];
            }
            hours.add(Math.round(all / 3.6) / 1000.0);
        }
        return hours;
    }
}
