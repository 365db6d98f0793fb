package app.brightkeel.core.craft;

/**
 * A smooth curve through the points of a table that never overshoots them: cubic pieces with limited slopes.
 *
 * <p>F. N. Fritsch and R. E. Carlson, Monotone piecewise cubic interpolation, SIAM J. Numer. Anal. 17 (1980); slopes by
 * the harmonic mean of the neighbouring chords, 0 at every turn.
 */
final class Smooth {

    private final double[] x;
    private final double[] y;
    private final double[] slope;

    /** @param x rising, at least two */
    Smooth(double[] x, double[] y) {
        this.x = x.clone();
        this.y = y.clone();
        slope = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            double before = i == 0 ? chord(0) : chord(i - 1);
            double after = i == x.length - 1 ? chord(i - 1) : chord(i);
            slope[i] = before * after <= 0 ? 0 : 2 * before * after / (before + after);
        }
    }

    private double chord(int i) {
        return (y[i + 1] - y[i]) / (x[i + 1] - x[i]);
    }

    /** The value at {@code at}, within the table. */
    double at(double at) {
        int i = 0;
        while (i < x.length - 2 && at > x[i + 1]) {
            i++;
        }
        double wide = x[i + 1] - x[i];
        double t = (at - x[i]) / wide;
        double u = 1 - t;
        return y[i] * (1 + 2 * t) * u * u
                + slope[i] * wide * t * u * u
                + y[i + 1] * (3 - 2 * t) * t * t
                - slope[i + 1] * wide * t * t * u;
    }
}
