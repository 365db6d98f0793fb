package app.brightkeel.core.reference;

/**
 * A table read between its points: linear inside, and continued along its last two points outside, so that the end of
 * a table is never held as if it were the truth.
 */
public final class Curve {

    private final double[] x;
    private final double[] y;

    /** @throws IllegalArgumentException unless x rises strictly and both have the same length of at least two */
    public Curve(double[] x, double[] y) {
        if (x.length != y.length || x.length < 2) {
            throw new IllegalArgumentException("a curve wants two columns of at least two");
        }
        for (int i = 1; i < x.length; i++) {
            if (!(x[i] > x[i - 1])) {
                throw new IllegalArgumentException("a curve rises in x, not from " + x[i - 1] + " to " + x[i]);
            }
        }
        this.x = x.clone();
        this.y = y.clone();
    }

    /** The value at {@code at}. */
    public double at(double at) {
        int i = 1;
        while (i < x.length - 1 && at > x[i]) {
            i++;
        }
        return y[i - 1] + (y[i] - y[i - 1]) * (at - x[i - 1]) / (x[i] - x[i - 1]);
    }

    /** Where a rising curve has this value; continued outside like the curve itself. */
    public double where(double value) {
        int i = 1;
        while (i < y.length - 1 && value > y[i]) {
            i++;
        }
        return x[i - 1] + (x[i] - x[i - 1]) * (value - y[i - 1]) / (y[i] - y[i - 1]);
    }

    /** Whether the table itself holds this point; outside it {@link #at} extrapolates. */
    public boolean covers(double at) {
        return at >= x[0] && at <= x[x.length - 1];
    }

    /** Mean value over [from, to], exact for the straight pieces. */
    public double mean(double from, double to) {
        double area = 0;
        double left = from;
        for (double knot : x) {
            if (knot > left && knot < to) {
                area += (knot - left) * (at(left) + at(knot)) / 2;
                left = knot;
            }
        }
        area += (to - left) * (at(left) + at(to)) / 2;
        return area / (to - from);
    }

    /** The points' own places, rising. */
    public double[] knots() {
        return x.clone();
    }
}
