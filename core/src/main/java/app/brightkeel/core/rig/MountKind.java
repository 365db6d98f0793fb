package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;
import java.util.stream.Stream;

/**
 * How a transducer meets the water.
 *
 * <p>Where its face usually hangs is common practice, no source: an arm 15-50 mm below the hull, to start with 25; a
 * scupper mount just proud of the hull; a pocket a little recessed; a float a hand below the surface; a pole deep enough
 * for its head to clear the hull or the ice.
 */
public enum MountKind implements Worded {
    UNDECIDED("not decided", Spot.COCKPIT_FLOOR, false, 0, 0),
    SCUPPER("scupper mount", Spot.SCUPPER, false, 0.020, 0),
    SWING_ARM("swing arm", Spot.RAIL, true, 0.025, 0),
    HULL_POCKET("hull pocket", Spot.HULL_POCKET, true, -0.010, 0.30),
    IN_HULL("puck inside the hull", Spot.COCKPIT_FLOOR, true, 0, 0),
    LIVE_POLE("pole turned by hand", Spot.RAIL, true, 0.30, 0.30),
    ICE_FLOAT("float in the hole", Spot.ICE_HOLE, true, 0.15, 0.90),
    ICE_POLE("pole through the hole", Spot.ICE_HOLE, true, 0.45, 0.90);

    private final String words;
    private final Spot spot;
    private final boolean retracts;
    private final double usualBelowM;
    private final double usualFreeM;

    MountKind(String words, Spot spot, boolean retracts, double usualBelowM, double usualFreeM) {
        this.words = words;
        this.spot = spot;
        this.retracts = retracts;
        this.usualBelowM = usualBelowM;
        this.usualFreeM = usualFreeM;
    }

    @Override
    public String words() {
        return words;
    }

    /** All that can be chosen. */
    public static Stream<MountKind> decided() {
        return Stream.of(values()).filter(kind -> kind != UNDECIDED);
    }

    /** Whether it hangs on a pole beside the craft or through the ice, and is turned there. */
    public boolean pole() {
        return this == LIVE_POLE || this == ICE_POLE;
    }

    /** Whether it hangs through a hole in the ice. */
    public boolean throughIce() {
        return spot == Spot.ICE_HOLE;
    }

    /** The sort of station it needs. */
    public Spot spot() {
        return spot;
    }

    /** Whether it comes up, kicks back or sits inside when the craft meets the beach. */
    public boolean retracts() {
        return retracts;
    }

    /** Where its face usually hangs: below the hull at its place, on ice below the surface [m]. */
    public double usualBelowM() {
        return usualBelowM;
    }

    /** Cable that is left free at the transducer so that it can move [m]; common practice, no source. */
    public double usualFreeM() {
        return usualFreeM;
    }
}
