package app.brightkeel.core.trip;

import java.util.Arrays;
import java.util.List;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;

/**
 * The point that agrees best with what was said and with the plan.
 *
 * @param point      of what is not known
 * @param covariance of it
 */
record Fit(double[] point, RealMatrix covariance) {

    private static final double STEP = 1e-5;
    private static final int MOST_LOOKS = 120;

    /** Nearer than this nothing moves that a person reads. */
    private static final double CLOSE = 1e-6;

    /** By least squares, each thing that was said with its weight. */
    static Fit of(TripModel model, List<Observed> said, double[] weights, double[] start) {
        double[] spreads = new double[said.size()];
        for (int i = 0; i < spreads.length; i++) {
            spreads[i] = model.spread(said.get(i), start) / Math.sqrt(Math.max(1e-12, weights[i]));
        }
        Residuals residuals = new Residuals(model, said, spreads, start);
        try {
            new LevenbergMarquardtOptimizer()
                    .withCostRelativeTolerance(CLOSE)
                    .withParameterRelativeTolerance(CLOSE)
                    .optimize(new LeastSquaresBuilder()
                            .start(start)
                            .model(residuals)
                            .target(new double[said.size() + start.length])
                            .lazyEvaluation(false)
                            .maxEvaluations(MOST_LOOKS)
                            .maxIterations(MOST_LOOKS)
                            .build());
        } catch (MathIllegalStateException hops) {
            // rest volts are tables with bends: near one it may hop from side to side for ever, and the best was seen
            // long ago
        }
        RealMatrix jacobian =
                residuals.value(new ArrayRealVector(residuals.best)).getSecond();
        return new Fit(residuals.best, MatrixUtils.inverse(jacobian.transposeMultiply(jacobian)));
    }

    /** What is left over and where it moves, with the best point that was looked at. */
    private static final class Residuals implements MultivariateJacobianFunction {
        private final TripModel model;
        private final List<Observed> said;
        private final double[] spreads;
        private double[] best;
        private double least = Double.POSITIVE_INFINITY;

        Residuals(TripModel model, List<Observed> said, double[] spreads, double[] start) {
            this.model = model;
            this.said = said;
            this.spreads = spreads;
            best = start.clone();
        }

        @Override
        public Pair<RealVector, RealMatrix> value(RealVector at) {
            double[] point = at.toArray();
            double[] middle = rows(model, said, spreads, point);
            double cost = Arrays.stream(middle).map(row -> row * row).sum();
            if (cost < least) {
                least = cost;
                best = point;
            }
            double[][] moves = new double[middle.length][point.length];
            for (int u = 0; u < point.length; u++) {
                double[] moved = point.clone();
                moved[u] += STEP;
                double[] after = rows(model, said, spreads, moved);
                for (int r = 0; r < middle.length; r++) {
                    moves[r][u] = (after[r] - middle[r]) / STEP;
                }
            }
            return new Pair<>(new ArrayRealVector(middle, false), new Array2DRowRealMatrix(moves, false));
        }
    }

    /** What is left over of each, in its own standard deviations; the plan is as good as something that was said. */
    private static double[] rows(TripModel model, List<Observed> said, double[] spreads, double[] point) {
        double[] prior = model.prior();
        double[] spread = model.spread();
        double[] rows = new double[said.size() + prior.length];
        for (int i = 0; i < said.size(); i++) {
            rows[i] = (model.predicted(said.get(i), point) - said.get(i).value()) / spreads[i];
        }
        for (int u = 0; u < prior.length; u++) {
            rows[said.size() + u] = (point[u] - prior[u]) / spread[u];
        }
        return rows;
    }

    /** One standard deviation of an unknown. */
    double deviation(int unknown) {
        return Math.sqrt(Math.max(0, covariance.getEntry(unknown, unknown)));
    }

    /** One standard deviation of something to be said, what is still not known with it. */
    double deviation(TripModel model, Observed what) {
        double[] slope = new double[point.length];
        double middle = model.predicted(what, point);
        for (int u = 0; u < point.length; u++) {
            double[] moved = point.clone();
            moved[u] += STEP;
            slope[u] = (model.predicted(what, moved) - middle) / STEP;
        }
        double known = new ArrayRealVector(slope).dotProduct(covariance.operate(new ArrayRealVector(slope)));
        return Math.hypot(Math.sqrt(Math.max(0, known)), model.spread(what, point));
    }

    /** All weights alike. */
    static double[] even(int count) {
        double[] all = new double[count];
        Arrays.fill(all, 1);
        return all;
    }
}
