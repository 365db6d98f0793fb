package app.brightkeel.core.reading;

import app.brightkeel.core.reading.Hypotheses.Hypothesis;
import java.util.List;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/**
 * How much one more reading is expected to tell about what is wrong: the mutual information of the cause and the reading, its
 * integral by Gauss and Hermite over each hypothesis.
 */
final class Information {

    /** Three points of Gauss–Hermite for a normal distribution: in standard deviations, and their weights. */
    private static final double[] AT = {-Math.sqrt(3), 0, Math.sqrt(3)};

    private static final double[] WEIGHT = {1 / 6.0, 2 / 3.0, 1 / 6.0};

    private static final int HEAVIEST = 40;

    private final BenchModel model;
    private final List<Hypothesis> all;
    private final int[] taken;
    private final double[] values;
    private final RealMatrix inverse;

    Information(BenchModel model, List<Hypothesis> all, int[] taken, double[] values) {
        this.model = model;
        this.all = all.subList(0, Math.min(HEAVIEST, all.size()));
        this.taken = taken;
        this.values = values;
        RealMatrix covariance = MatrixUtils.createRealMatrix(Math.max(1, taken.length), Math.max(1, taken.length));
        covariance.setEntry(0, 0, 1);
        for (int i = 0; i < taken.length; i++) {
            for (int j = 0; j < taken.length; j++) {
                covariance.setEntry(i, j, model.covariance(taken[i], taken[j]));
            }
        }
        inverse = new CholeskyDecomposition(covariance, 1e-9, 0).getSolver().getInverse();
    }

    /** Of a reading at one point; 0 where it was taken already [bits]. */
    double bits(int point) {
        for (int each : taken) {
            if (each == point) {
                return 0;
            }
        }
        double[] weight = new double[all.size()];
        double[] middle = new double[all.size()];
        double[] spread = new double[all.size()];
        double[] gain = gain(point);
        double explained = 0;
        for (int i = 0; i < taken.length; i++) {
            explained += gain[i] * model.covariance(taken[i], point);
        }
        double left = Math.max(1e-12, model.covariance(point, point) - explained);
        for (int h = 0; h < all.size(); h++) {
            Hypothesis each = all.get(h);
            weight[h] = each.weight();
            middle[h] = each.middle()[point];
            for (int i = 0; i < taken.length; i++) {
                middle[h] += gain[i] * (values[i] - each.middle()[taken[i]]);
            }
            double variance = left;
            for (double[] along : each.along()) {
                variance += along[point] * along[point];
            }
            spread[h] = Math.sqrt(variance);
        }
        return mutual(weight, middle, spread);
    }

    private double[] gain(int point) {
        double[] gain = new double[taken.length];
        for (int i = 0; i < taken.length; i++) {
            for (int j = 0; j < taken.length; j++) {
                gain[i] += inverse.getEntry(i, j) * model.covariance(taken[j], point);
            }
        }
        return gain;
    }

    /** Sizes of one cause are one cause: what tells only them apart tells nothing. */
    private double mutual(double[] weight, double[] middle, double[] spread) {
        double bits = 0;
        for (int h = 0; h < weight.length; h++) {
            for (int q = 0; q < AT.length; q++) {
                double x = middle[h] + AT[q] * spread[h];
                double mixture = 0;
                double mine = 0;
                double mineWeight = 0;
                for (int k = 0; k < weight.length; k++) {
                    double density = weight[k] * density(x, middle[k], spread[k]);
                    mixture += density;
                    if (all.get(k).cause().equals(all.get(h).cause())) {
                        mine += density;
                        mineWeight += weight[k];
                    }
                }
                if (mixture > 0 && mine > 0) {
                    bits += weight[h] * WEIGHT[q] * Math.log(mine / mineWeight / mixture) / Math.log(2);
                }
            }
        }
        return Math.max(0, bits);
    }

    private static double density(double x, double middle, double spread) {
        double z = (x - middle) / spread;
        return Math.exp(-0.5 * z * z) / spread;
    }
}
