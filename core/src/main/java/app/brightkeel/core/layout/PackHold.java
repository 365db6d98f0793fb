package app.brightkeel.core.layout;

import app.brightkeel.core.rig.Size;

/** What keeps a battery where it was put, and dry. */
public final class PackHold {

    /** Over where bilge water stands; common practice, no source [m]. */
    public static final double OVER_M = 0.03;

    /** Anchors of a strap that keep a pack from turning; common practice, no source. */
    public static final int ANCHORS = 2;

    /** By so much a strap's anchors stand clear of what it holds, both sides together; common practice, no source [m]. */
    private static final double BESIDE_M = 0.06;

    private PackHold() {}

    /**
     * Whether a strap holds a battery one way or the other.
     *
     * @param apartM between its anchors [m]
     */
    public static boolean strapped(Size size, double apartM) {
        return held(size.deepM().value(), apartM) || held(size.wideM().value(), apartM);
    }

    private static boolean held(double wideM, double apartM) {
        return wideM <= apartM && apartM - wideM <= BESIDE_M;
    }

    /** Where the anchors of a strap go, half of what it may stand clear on each side [m]. */
    public static double anchorsM(Size size) {
        return Math.min(size.deepM().value(), size.wideM().value()) + BESIDE_M / 2;
    }
}
