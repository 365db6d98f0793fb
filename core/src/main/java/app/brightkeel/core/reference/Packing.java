package app.brightkeel.core.reference;

import java.util.List;

/**
 * Circle round equal round cables, in widths of one: the published best packings of 1 to 7 equal circles in a circle;
 * beyond them a bound that is always enough, by area at a density every such bundle reaches.
 */
public final class Packing {

    private static final List<Double> ROUND = List.of(1.0, 2.0, 2.155, 2.414, 2.701, 3.0, 3.0);

    /** Share of the circle that many equal circles fill at least; common practice, no source. */
    private static final double DENSITY = 0.65;

    private Packing() {}

    /** Width of the circle round so many cables, in widths of one; at least 1 cable. */
    public static double factor(int cables) {
        return cables <= ROUND.size() ? ROUND.get(cables - 1) : Math.sqrt(cables / DENSITY);
    }
}
