package app.brightkeel.core.craft;

/**
 * A hull in thin level slices under a waterline that stands higher to the right. What is above the deck does not float.
 * Holds what was asked last; one of them for each search.
 */
final class Heeled {

    private static final int MOST_STEPS = 60;
    private static final double CLOSE_ENOUGH = 1e-7;

    /** An upright water is one that is hardly heeled. */
    private static final double LEAST_TAN = 1e-6;

    private final double[] half;
    private final double[] z;
    private final double[] thick;
    private final double[] perWidth;
    private final double[] rise;

    private double volumeM3;
    private double yM;
    private double zM;
    private double waterM;

    /**
     * @param half     width of each slice from the middle line [m]
     * @param z        height of each over the lowest line [m]
     * @param thick    of each [m]
     * @param perWidth volume of each for a metre of its width
     * @param rise     of the water there over that amidships [m]
     */
    Heeled(double[] half, double[] z, double[] thick, double[] perWidth, double[] rise) {
        this.half = half;
        this.z = z;
        this.thick = thick;
        this.perWidth = perWidth;
        this.rise = rise;
    }

    /** Of the centre of what is under water, positive to the right [m]. */
    double yM() {
        return yM;
    }

    /** Of the same over the lowest line [m]. */
    double zM() {
        return zM;
    }

    /** Sinks it until so much is under water: false position from where it stood last; yields the waterline amidships [m]. */
    double sink(double wantedM3, double tan) {
        double low = waterM - 0.05;
        double under = missing(low, tan, wantedM3);
        for (double step = 0.1; under > 0 && step < 1e3; step *= 2) {
            low -= step;
            under = missing(low, tan, wantedM3);
        }
        double high = low + 0.1;
        double over = missing(high, tan, wantedM3);
        for (double step = 0.1; over < 0 && step < 1e3; step *= 2) {
            high += step;
            over = missing(high, tan, wantedM3);
        }
        for (int i = 0; i < MOST_STEPS; i++) {
            // every third step halves, so that a corner of the curve does not hold it up
            double middle =
                    i % 3 == 2 || over == under ? (low + high) / 2 : low - under * (high - low) / (over - under);
            double here = missing(middle, tan, wantedM3);
            waterM = middle;
            if (Math.abs(here) < CLOSE_ENOUGH * wantedM3) {
                break;
            }
            if (here < 0) {
                low = middle;
                under = here;
            } else {
                high = middle;
                over = here;
            }
        }
        return waterM;
    }

    private double missing(double middleM, double tan, double wantedM3) {
        double volume = 0;
        double byY = 0;
        double byZ = 0;
        for (int i = 0; i < half.length; i++) {
            double side = half[i];
            // the water's edge along the slice, from its bottom to its top; cut off where it lies outside the hull
            double bottom = (z[i] - thick[i] / 2 - middleM - rise[i]) / Math.max(tan, LEAST_TAN);
            double top = bottom + thick[i] / Math.max(tan, LEAST_TAN);
            if (bottom >= side) {
                continue;
            }
            double whole = top <= -side ? 1 : bottom >= -side ? 0 : (-side - bottom) / (top - bottom);
            double dry = top <= side ? 0 : (top - side) / (top - bottom);
            double from = Math.max(bottom, -side);
            double to = Math.min(top, side);
            double cut = Math.max(0, 1 - whole - dry);
            double edge = -side * whole + side * dry + cut * (from + to) / 2;
            double square = side * side * (whole + dry) + cut * (from * from + from * to + to * to) / 3;
            double piece = perWidth[i] * (side - edge);
            volume += piece;
            byY += perWidth[i] * (side * side - square) / 2;
            byZ += piece * z[i];
        }
        volumeM3 = volume;
        yM = volume > 0 ? byY / volume : 0;
        zM = volume > 0 ? byZ / volume : 0;
        return volumeM3 - wantedM3;
    }
}
