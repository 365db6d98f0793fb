package app.brightkeel.core.reading;

import app.brightkeel.core.reading.Hypotheses.Hypothesis;
import java.util.List;

/**
 * How much one more reading is expected to tell about what is wrong: the mutual information of the cause and the reading, its
 * integral by Gauss and Hermite over each hypothesis.
 */
final class Information {

    /** Three points of Gauss–Hermite for a normal distribution: in standard deviations, and their weights. */
    private static final double[] AT = {-Math.sqrt(3), 0, Math.sqrt(3)};

    private static final double[] WEIGHT = {1 / 6.0, 2 / 3.0, 1 / 6.0};

    private static final int HEAVIEST = 40;

    private final List<Hypothesis> all;
    private final List<String> causes;
    private final Likelihood likelihood;

    Information(List<Hypothesis> all, Likelihood likelihood) {
        this.all = all.subList(0, Math.min(HEAVIEST, all.size()));
        this.likelihood = likelihood;
        causes = this.all.stream().map(Hypothesis::cause).toList();
    }

    /** Of a reading at one point; 0 where it was taken already [bits]. */
    double bits(int point) {
        int[] taken = likelihood.taken();
        for (int each : taken) {
            if (each == point) {
                return 0;
            }
        }
        double[] middle = new double[all.size()];
        double[] spread = new double[all.size()];
        double noise = likelihood.noise(point);
        for (int h = 0; h < all.size(); h++) {
            Hypothesis each = all.get(h);
            double[] with = new double[Math.max(1, taken.length)];
            middle[h] = each.strays().middle()[point];
            for (int i = 0; i < taken.length; i++) {
                with[i] = each.strays().covariance(taken[i], point);
                middle[h] += with[i] * each.weighed().off()[i];
            }
            double[] gain = each.weighed().inverse().operate(with);
            double left = each.strays().covariance(point, point) + noise * noise;
            for (int i = 0; i < taken.length; i++) {
                left -= gain[i] * with[i];
            }
            spread[h] = Math.sqrt(Math.max(noise * noise, left));
        }
        return mutual(middle, spread);
    }

    /** Sizes of one cause are one cause: what tells only them apart tells nothing. */
    private double mutual(double[] middle, double[] spread) {
        double bits = 0;
        for (int h = 0; h < middle.length; h++) {
            for (int q = 0; q < AT.length; q++) {
                double x = middle[h] + AT[q] * spread[h];
                double mixture = 0;
                double mine = 0;
                double mineWeight = 0;
                double whole = 0;
                for (int k = 0; k < middle.length; k++) {
                    double weight = all.get(k).weight();
                    double density = weight * density(x, middle[k], spread[k]);
                    mixture += density;
                    whole += weight;
                    if (causes.get(k).equals(causes.get(h))) {
                        mine += density;
                        mineWeight += weight;
                    }
                }
                if (mixture > 0 && mine > 0) {
                    bits += all.get(h).weight()
                            * WEIGHT[q]
                            * Math.log(mine / mineWeight / (mixture / whole))
                            / Math.log(2);
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
