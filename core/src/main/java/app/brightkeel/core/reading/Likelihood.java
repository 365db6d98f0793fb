package app.brightkeel.core.reading;

import app.brightkeel.core.reading.BenchModel.Strays;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/** How likely the readings that were taken are under something: a normal distribution about its middle, as wide as it strays. */
final class Likelihood {

    private static final double LOG_TWO_PI = Math.log(2 * Math.PI);
    private static final double ALIKE = 1e-9;

    private final int[] taken;
    private final double[] values;
    private final double[] noise;

    /** @param taken places of the readings among all points, and {@code values} as they are reckoned with */
    Likelihood(BenchModel model, int[] taken, double[] values) {
        this.taken = taken.clone();
        this.values = values.clone();
        noise = new double[model.points().size()];
        for (int i = 0; i < noise.length; i++) {
            noise[i] = BenchModel.noise(model.points().get(i).kind());
        }
    }

    int[] taken() {
        return taken;
    }

    double noise(int point) {
        return noise[point];
    }

    /** Under one hypothesis: what is left of the readings, weighed by how they stray. */
    record Weighed(double log, RealMatrix inverse, double[] off, int[] taken) {

        /** What is left over in a direction that is itself not known, in its own standard deviations. */
        double along(double[] move) {
            double sum = 0;
            for (int i = 0; i < taken.length; i++) {
                sum += move[taken[i]] * off[i];
            }
            return sum;
        }
    }

    Weighed under(Strays strays) {
        int n = taken.length;
        if (n == 0) {
            return new Weighed(0, MatrixUtils.createRealIdentityMatrix(1), new double[1], taken);
        }
        double[][] covariance = new double[n][n];
        for (double[] move : strays.moves()) {
            for (int i = 0; i < n; i++) {
                double mi = move[taken[i]];
                if (mi != 0) {
                    for (int j = 0; j < n; j++) {
                        covariance[i][j] += mi * move[taken[j]];
                    }
                }
            }
        }
        double[] off = new double[n];
        for (int i = 0; i < n; i++) {
            covariance[i][i] += noise[taken[i]] * noise[taken[i]];
            off[i] = values[i] - strays.middle()[taken[i]];
        }
        CholeskyDecomposition decomposed =
                new CholeskyDecomposition(MatrixUtils.createRealMatrix(covariance), ALIKE, 0);
        RealMatrix inverse = decomposed.getSolver().getInverse();
        double square = 0;
        double[] weighed = inverse.operate(off);
        for (int i = 0; i < n; i++) {
            square += off[i] * weighed[i];
        }
        // by its triangle: the determinant itself may be smaller than any number
        double logDeterminant = 0;
        for (int i = 0; i < n; i++) {
            logDeterminant += 2 * Math.log(decomposed.getL().getEntry(i, i));
        }
        return new Weighed(-0.5 * (square + logDeterminant + n * LOG_TWO_PI), inverse, weighed, taken);
    }
}
