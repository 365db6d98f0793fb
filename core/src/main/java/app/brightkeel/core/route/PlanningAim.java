package app.brightkeel.core.route;

import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Way;
import app.brightkeel.core.rig.Zone;

/** What all cables together are planned for. */
public enum PlanningAim implements Worded {
    NO_DRILL("no hole drilled", "no-drill"),
    CLEANEST("inside and out of the way", "cleanest"),
    SHORTEST("as short as can be", "shortest");

    /** What a metre in the open counts for where it should lie inside; common practice, no source. */
    private static final double OPEN = 2.5;

    /** What an opening more counts for there [m]. */
    private static final double OPENING_M = 0.2;

    /** What a hole to drill counts for, once for all cables in it [m]. */
    private static final double HOLE_M = 0.5;

    /** What crossing a thing that moves counts for: much, but where short is all [m]. */
    private static final double CROSSING_M = 100;

    private static final double SHORT_CROSSING_M = 1;

    private final String words;
    private final String id;

    PlanningAim(String words, String id) {
        this.words = words;
        this.id = id;
    }

    @Override
    public String words() {
        return words;
    }

    /** As in the id of a change. */
    public String id() {
        return id;
    }

    /** Whether a hole may be drilled for it. */
    boolean drills() {
        return this != NO_DRILL;
    }

    /** What a passage counts for besides what speaks against it [m]; its length is known. */
    double countsM(Passage leg) {
        double metres = leg.lengthM().value();
        double crossing = leg.crosses() == Zone.NONE ? 0 : this == SHORTEST ? SHORT_CROSSING_M : CROSSING_M;
        if (this != CLEANEST) {
            return metres + crossing;
        }
        double open = leg.way() == Way.OPEN_DECK ? OPEN * metres : metres;
        return open + crossing + (leg.way().opening() ? OPENING_M : 0);
    }

    double holeM() {
        return this == CLEANEST ? HOLE_M : 0;
    }
}
