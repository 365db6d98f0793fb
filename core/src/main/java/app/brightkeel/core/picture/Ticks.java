package app.brightkeel.core.picture;

import java.util.ArrayList;
import java.util.List;

/** Round places for the marks of an axis. */
final class Ticks {

    private Ticks() {}

    /** About {@code wanted} marks at multiples of 1, 2, 2.5 or 5 times a power of ten within [low, high]. */
    static List<Double> linear(double low, double high, int wanted) {
        double step = step((high - low) / wanted);
        List<Double> ticks = new ArrayList<>();
        for (long k = (long) Math.ceil(low / step - 1e-9); k * step <= high + 1e-9 * step; k++) {
            ticks.add(k * step);
        }
        return List.copyOf(ticks);
    }

    /** The next multiple of 1, 2, 2.5 or 5 times a power of ten that is no smaller. */
    static double step(double rough) {
        double power = Math.pow(10, Math.floor(Math.log10(rough)));
        double step = 10 * power;
        for (double factor : new double[] {5, 2.5, 2, 1}) {
            if (factor * power >= rough) {
                step = factor * power;
            }
        }
        return step;
    }

    /** 1, 2 and 5 times powers of ten within [low, high], for a logarithmic axis. */
    static List<Double> oneTwoFive(double low, double high) {
        List<Double> ticks = new ArrayList<>();
        for (int k = (int) Math.floor(Math.log10(low)); Math.pow(10, k) <= high; k++) {
            for (int factor : new int[] {1, 2, 5}) {
                double tick = factor * Math.pow(10, k);
                if (tick >= low && tick <= high) {
                    ticks.add(tick);
                }
            }
        }
        return List.copyOf(ticks);
    }
}
