package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Room of a craft that is there for something, an upright box in plan: a well, a drink holder, where the seat folds, where rods lie.
 *
 * @param use      what it is there for
 * @param fromBowM its middle aft of the bow, −1 to 13 [m]
 * @param sideM    its middle right of the centre line, −3 to 3 [m]
 * @param longM    fore and aft, 0.01 to 6 [m]
 * @param wideM    athwart, 0.01 to 3 [m]
 * @param loadKg   of what lies in it while afloat, 0.05 to 100 [kg]; unset where it is empty
 */
@RecordBuilder
public record KeptRoom(
        String id, String name, Zone use, Figure fromBowM, Figure sideM, Figure longM, Figure wideM, Figure loadKg)
        implements KeptRoomBuilder.With {

    public KeptRoom {
        Checks.id("id", id);
        Checks.name("name", name);
        Figure.within("fromBowM", fromBowM, -1, 13, "m");
        Figure.within("sideM", sideM, -3, 3, "m");
        Figure.within("longM", longM, 0.01, 6, "m");
        Figure.within("wideM", wideM, 0.01, 3, "m");
        Figure.within("loadKg", loadKg, 0.05, 100, "kg");
    }

    /** Whether it is known where it is and how large. */
    public boolean measured() {
        return fromBowM.isSet() && sideM.isSet() && longM.isSet() && wideM.isSet();
    }

    /** Whether a point in plan lies in it; only where {@link #measured}. */
    public boolean holds(double xM, double yM) {
        return Math.abs(xM - fromBowM.value()) <= longM.value() / 2
                && Math.abs(yM - sideM.value()) <= wideM.value() / 2;
    }
}
