package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;
import java.util.EnumSet;
import java.util.Set;

/** What a holder grips; where each is to be had is common practice, no source. */
public enum Grip implements Worded {
    TRACK("track", EnumSet.of(Spot.BESIDE_SEAT, Spot.AHEAD_OF_PEDALS, Spot.RAIL)),
    TUBE("tube or rail", EnumSet.of(Spot.BESIDE_SEAT, Spot.RAIL, Spot.AHEAD_OF_PEDALS, Spot.ON_ARM)),
    EDGE("gunwale, thwart or board", EnumSet.of(Spot.BESIDE_SEAT, Spot.RAIL, Spot.TRANSOM, Spot.AHEAD_OF_PEDALS)),
    FLAT(
            "flat to screw to",
            EnumSet.complementOf(EnumSet.of(Spot.SCUPPER, Spot.HULL_POCKET, Spot.ICE_HOLE, Spot.ON_ARM))),
    RIM("rim of a box or bucket", EnumSet.of(Spot.ON_ARM, Spot.INSIDE_BOX, Spot.ON_DECK)),
    NOTHING(
            "nothing: it stands",
            EnumSet.of(Spot.COCKPIT_FLOOR, Spot.STERN_WELL, Spot.ON_DECK, Spot.INSIDE_BOX, Spot.BESIDE_SEAT));

    private final String words;
    private final Set<Spot> spots;

    Grip(String words, Set<Spot> spots) {
        this.words = words;
        this.spots = spots;
    }

    @Override
    public String words() {
        return words;
    }

    /** Whether a sort of place usually offers it. */
    public boolean at(Spot spot) {
        return spots.contains(spot);
    }
}
