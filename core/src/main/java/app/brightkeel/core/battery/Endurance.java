package app.brightkeel.core.battery;

import app.brightkeel.core.battery.Simulation.Shift;
import app.brightkeel.core.pack.PackModel;
import java.util.List;
import java.util.stream.Stream;

/**
 * How long the rig runs.
 *
 * <p>The band comes from first-order propagation: one run with each uncertain thing at its worse end, the logarithms of
 * the hours added in squares. Low is exceeded on 90 % of days, high on 10 %.
 *
 * @param median  the planned run
 * @param lowH    hours exceeded on nine days of ten
 * @param highH   hours exceeded on one day of ten
 * @param labelH  ampere-hours of the label over the mean current: what a division would promise
 * @param meanA   mean current through the planned run [A]
 * @param worst   shift that leads to lowH by the shortest way, for the picture
 */
public record Endurance(DayRun median, double lowH, double highH, double labelH, double meanA, Shift worst) {

    /** A worse end that stops at once counts as one hundredth of the hours, so that the band stays a band. */
    private static final double LEAST_SHARE = 0.01;

    /** @param median the circuit's run as planned */
    public static Endurance of(Simulation simulation, DayRun median) {
        int devices = simulation.minV().size();
        double[] moved = new double[devices + 2];
        for (int i = 0; i < moved.length && median.hours() > 0; i++) {
            if (spreadOf(simulation, i) > 0) {
                double share = simulation.run(only(devices, i, 1), false).hours() / median.hours();
                moved[i] = Math.log(Math.max(share, LEAST_SHARE));
            }
        }
        double squares = 0;
        for (double each : moved) {
            squares += each * each;
        }
        double reach = Math.sqrt(squares);
        double ratedAh = labelAh(simulation);
        double meanV = simulation.packs().get(0).meanVolts();
        double meanA = median.hours() > 0
                ? median.givenAh() / median.hours()
                : simulation.load().meanW() / meanV;
        return new Endurance(
                median,
                median.hours() * Math.exp(-reach),
                median.hours() * Math.exp(reach),
                meanA > 0 ? ratedAh / meanA : Discharge.LONGEST_H,
                meanA,
                towards(devices, moved, reach));
    }

    /** Ampere-hours on the labels: of packs in series those of the smallest, spares added. */
    private static double labelAh(Simulation simulation) {
        return Stream.concat(simulation.packs().stream(), simulation.spares().stream())
                .mapToDouble(source -> source.least(PackModel::ratedAh))
                .sum();
    }

    private static double spreadOf(Simulation simulation, int i) {
        int devices = simulation.minV().size();
        if (i < devices) {
            return simulation.load().meanW(i) > 0 ? simulation.spread().draw().get(i) : 0;
        }
        return i == devices
                ? simulation.spread().capacity()
                : simulation.spread().ohm();
    }

    private static Shift only(int devices, int which, double by) {
        double[] all = new double[devices + 2];
        all[which] = by;
        return shift(devices, all);
    }

    private static Shift towards(int devices, double[] moved, double reach) {
        double[] all = new double[devices + 2];
        for (int i = 0; i < all.length && reach > 0; i++) {
            all[i] = -moved[i] / reach;
        }
        return shift(devices, all);
    }

    private static Shift shift(int devices, double[] all) {
        List<Double> draw = new java.util.ArrayList<>();
        for (int i = 0; i < devices; i++) {
            draw.add(all[i]);
        }
        return new Shift(List.copyOf(draw), all[devices], all[devices + 1]);
    }
}
