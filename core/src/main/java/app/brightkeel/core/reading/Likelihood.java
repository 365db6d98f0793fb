package app.brightkeel.core.reading;

import java.util.List;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/**
 * How likely the readings that were taken are, wherever a fault puts their middle: a normal distribution whose width is that of
 * sound rigs, widened along what the unknown size of a fault moves.
 */
final class Likelihood {

    private static final double LOG_TWO_PI = Math.log(2 * Math.PI);

    private final int[] taken;
    private final double[] values;
    private final RealMatrix inverse;
    private final double logDeterminant;

    /** @param taken places of the readings among all points */
    Likelihood(BenchModel model, int[] taken, double[] values) {
        this.taken = taken.clone();
        this.values = values.clone();
        // without any reading everything is as likely as before: one that says nothing stands in for it
        RealMatrix covariance = MatrixUtils.createRealIdentityMatrix(Math.max(1, taken.length));
        for (int i = 0; i < taken.length; i++) {
            for (int j = 0; j < taken.length; j++) {
                covariance.setEntry(i, j, model.covariance(taken[i], taken[j]));
            }
        }
        CholeskyDecomposition decomposed = new CholeskyDecomposition(covariance, 1e-9, 0);
        inverse = decomposed.getSolver().getInverse();
        logDeterminant = Math.log(decomposed.getDeterminant());
    }

    private double[] of(double[] all) {
        double[] some = new double[Math.max(1, taken.length)];
        for (int i = 0; i < taken.length; i++) {
            some[i] = all[taken[i]];
        }
        return some;
    }

    /**
     * Natural logarithm of the density.
     *
     * @param middle of every point
     * @param along  what one standard deviation of a fault's size moves, at most two of them
     */
    double log(double[] middle, List<double[]> along) {
        double[] off = of(middle);
        for (int i = 0; i < values.length; i++) {
            off[i] = values[i] - off[i];
        }
        double[] weighed = inverse.operate(off);
        double square = dot(off, weighed);
        double determinant = logDeterminant;
        if (!along.isEmpty()) {
            double[] g = of(along.get(0));
            double[] h = along.size() > 1 ? of(along.get(1)) : new double[g.length];
            double[] weighedG = inverse.operate(g);
            double gg = 1 + dot(g, weighedG);
            double gh = dot(h, weighedG);
            double hh = 1 + dot(h, inverse.operate(h));
            double both = gg * hh - gh * gh;
            double u = dot(g, weighed);
            double v = dot(h, weighed);
            square -= (hh * u * u - 2 * gh * u * v + gg * v * v) / both;
            determinant += Math.log(both);
        }
        return -0.5 * (square + determinant + taken.length * LOG_TWO_PI);
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }
}
