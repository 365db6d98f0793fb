package app.brightkeel.core.craft;

import java.util.function.DoubleUnaryOperator;

/**
 * How far a craft heels under a load off its middle line, at any angle: where the centre of what is under water comes to
 * stand under the centre of gravity. It sinks as far as its weight wants; its trim stays that of the upright craft. What is
 * above the deck does not float.
 *
 * @param heelRad    to the side of the load, positive; that of {@code gunwaleRad} where it goes over
 * @param gunwaleRad at which the water reaches the edge of the deck
 * @param goesOver   whether it stands nowhere before that
 */
record Righting(double heelRad, double gunwaleRad, boolean goesOver) {

    /** Steps of the search, and how far it goes [°]. */
    private static final double STEP_DEG = 0.5;

    private static final double MOST_DEG = 85;
    private static final int HALVINGS = 40;

    /**
     * @param volumeM3 under water
     * @param slope    of the upright waterline
     * @param sideM    of the centre of gravity off the middle line, positive
     * @param heightM  of the same over the lowest line
     */
    static Righting of(Hull hull, double volumeM3, double slope, double sideM, double heightM) {
        double gunwale = first(angle -> hull.edgeUnderM(waterM(hull, volumeM3, slope, angle), slope, Math.tan(angle)));
        double stands = first(angle -> {
            Hull.Heeled under = hull.heeled(waterM(hull, volumeM3, slope, angle), slope, Math.tan(angle));
            return (under.yM() - sideM) * Math.cos(angle) + (under.zM() - heightM) * Math.sin(angle);
        });
        boolean goes = !(stands <= gunwale);
        return new Righting(goes ? gunwale : stands, gunwale, goes);
    }

    /** The first angle at which something is no longer negative; not a number where it never is. */
    private static double first(DoubleUnaryOperator something) {
        double step = Math.toRadians(STEP_DEG);
        double before = 0;
        for (double angle = 0; angle <= Math.toRadians(MOST_DEG); angle += step) {
            if (something.applyAsDouble(angle) >= 0) {
                return angle == 0 ? 0 : halved(something, before, angle);
            }
            before = angle;
        }
        return Double.NaN;
    }

    private static double halved(DoubleUnaryOperator something, double low, double high) {
        double from = low;
        double to = high;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (from + to) / 2;
            if (something.applyAsDouble(middle) >= 0) {
                to = middle;
            } else {
                from = middle;
            }
        }
        return (from + to) / 2;
    }

    /** Waterline on the middle line amidships at which so much is under water [m]. */
    private static double waterM(Hull hull, double volumeM3, double slope, double angle) {
        double tan = Math.tan(angle);
        double low = -hull.reachM(tan);
        double high = 2 * hull.reachM(tan);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (hull.heeled(middle, slope, tan).volumeM3() < volumeM3) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
