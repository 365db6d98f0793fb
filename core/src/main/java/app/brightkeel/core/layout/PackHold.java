package app.brightkeel.core.layout;

/** What keeps a battery where it was put, and dry. */
public final class PackHold {

    /** Over where bilge water stands; common practice, no source [m]. */
    public static final double OVER_M = 0.03;

    /** Anchors of a strap that keep a pack from turning; common practice, no source. */
    public static final int ANCHORS = 2;

    private PackHold() {}
}
