package app.brightkeel.core.craft;

import java.util.function.DoubleUnaryOperator;

/**
 * How far a craft heels under a load off its middle line, at any angle: where the centre of what is under water comes to
 * stand under the centre of gravity. It sinks as far as its weight wants; its trim stays that of the upright craft.
 *
 * @param heelRad  to the side of the load, positive; where it goes over, the angle at which the edge of the deck goes under
 * @param goesOver whether it stands nowhere before that
 */
record Righting(double heelRad, boolean goesOver) {

    private static final double MOST_RAD = Math.toRadians(80);

    /** Looks on the way to the edge: the arm may rise and fall again before. */
    private static final int LOOKS = 12;

    private static final int HALVINGS = 15;

    /**
     * @param volumeM3 under water
     * @param slope    of the upright waterline
     * @param sideM    of the centre of gravity off the middle line, positive
     * @param heightM  of the same over the lowest line
     */
    static Righting of(Hull hull, double volumeM3, double slope, double sideM, double heightM) {
        Heeled heeled = hull.sliced(slope);
        DoubleUnaryOperator edge = angle -> {
            double tan = Math.tan(angle);
            return hull.edgeUnderM(heeled.sink(volumeM3, tan), slope, tan);
        };
        DoubleUnaryOperator arm = angle -> {
            heeled.sink(volumeM3, Math.tan(angle));
            return (heeled.yM() - sideM) * Math.cos(angle) + (heeled.zM() - heightM) * Math.sin(angle);
        };
        double gunwale = crossing(edge, 0, MOST_RAD);
        double before = 0;
        for (int look = 1; look <= LOOKS; look++) {
            double angle = gunwale * look / LOOKS;
            if (arm.applyAsDouble(angle) >= 0) {
                return new Righting(crossing(arm, before, angle), false);
            }
            before = angle;
        }
        return new Righting(gunwale, true);
    }

    /** Where something that is negative at {@code from} is so no longer; {@code to} where it is still. */
    private static double crossing(DoubleUnaryOperator something, double from, double to) {
        double low = from;
        double high = to;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (something.applyAsDouble(middle) >= 0) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return (low + high) / 2;
    }
}
