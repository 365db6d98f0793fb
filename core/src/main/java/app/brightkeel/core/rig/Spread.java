package app.brightkeel.core.rig;

/**
 * How far a figure may be off, by its basis: half the distance between its 10 % and 90 % points, relative to it.
 * Measured ±3 %, rated ±10 %, chosen 0 (common practice, no source); an assumed figure brings the width of its table.
 */
public final class Spread {

    private static final double MEASURED = 0.03;
    private static final double RATED = 0.10;

    private Spread() {}

    /** @param assumed relative half width of the range the figure was assumed from, used for assumed figures only */
    public static double of(Figure figure, double assumed) {
        return switch (figure.basis()) {
            case MEASURED -> MEASURED;
            case RATED -> RATED;
            case CHOSEN, PROPOSED -> 0;
            case ASSUMED -> assumed;
        };
    }
}
