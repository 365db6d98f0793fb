package app.brightkeel.core.reference;

import java.util.List;

/** Standard fuse sizes and what a blade fuse resists and does. */
public final class FuseTables {

    /** Sizes that are sold [A], rising. */
    public static final List<Double> STANDARD_A =
            List.of(1.0, 2.0, 3.0, 4.0, 5.0, 7.5, 10.0, 15.0, 20.0, 25.0, 30.0, 35.0, 40.0);

    /** Steady load as a share of the rating; common practice, no source beyond the makers' advice. */
    public static final double LOAD_SHARE = 0.8;

    /** A fuse so many times the one behind it is likely to outlast it, by the bands of ISO 8820-3 (from memory). */
    public static final double LIKELY_OUTLASTS = 1.6;

    private static final List<Opening> OPENINGS = readOpenings();
    private static final Curve VOLTS_AT_RATING = voltsAtRating();

    private FuseTables() {}

    /** The smallest size that carries a load for long; where none does, the largest [A]. */
    public static double smallestFor(double loadA) {
        return STANDARD_A.stream()
                .filter(size -> size * LOAD_SHARE >= loadA * (1 - 1e-9))
                .findFirst()
                .orElse(STANDARD_A.get(STANDARD_A.size() - 1));
    }

    /**
     * Cold resistance [Ω] of a blade fuse. The product of rating and resistance falls slowly with the rating; sizes
     * the table does not hold are read from that product.
     */
    public static double coldOhm(double ratingA) {
        return Math.max(VOLTS_AT_RATING.at(ratingA), 0.03) / ratingA;
    }

    /** One point of the opening band: at a multiple of the rating, fastest and slowest time [s]. */
    public record Opening(double multiple, double fastestS, double slowestS) {}

    /** The band of ISO 8820-3, by rising multiple. */
    public static List<Opening> openings() {
        return OPENINGS;
    }

    private static List<Opening> readOpenings() {
        return Table.read(FuseTables.class, "fuse-opening.csv").rows().stream()
                .map(row -> new Opening(
                        Table.number(row, "multiple"), Table.number(row, "fastestS"), Table.number(row, "slowestS")))
                .toList();
    }

    /**
     * Slowest time in which a blade fuse opens [s]: the upper edge of its band, straight between its points on axes of
     * logarithms. Beyond the last point what it lets through (I²t) is taken as constant; below the first it need not open.
     *
     * @param multiple of the rating
     */
    public static double slowestS(double multiple) {
        if (multiple < OPENINGS.get(0).multiple()) {
            return Double.POSITIVE_INFINITY;
        }
        Opening last = OPENINGS.get(OPENINGS.size() - 1);
        if (multiple >= last.multiple()) {
            double more = multiple / last.multiple();
            return last.slowestS() / (more * more);
        }
        int i = 0;
        while (multiple > OPENINGS.get(i + 1).multiple()) {
            i++;
        }
        Opening before = OPENINGS.get(i);
        Opening after = OPENINGS.get(i + 1);
        double share = Math.log(multiple / before.multiple()) / Math.log(after.multiple() / before.multiple());
        return before.slowestS() * Math.pow(after.slowestS() / before.slowestS(), share);
    }

    private static Curve voltsAtRating() {
        Table table = Table.read(FuseTables.class, "blade-fuse.csv");
        double[] rating = table.column("ratingA");
        double[] volts = table.column("coldOhm");
        for (int i = 0; i < volts.length; i++) {
            volts[i] *= rating[i];
        }
        return new Curve(rating, volts);
    }
}
