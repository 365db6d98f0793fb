package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A place of a craft where something can sit.
 *
 * @param fromBowM aft of the bow; on ice from the front edge of the base, −3 to 12 [m]
 * @param sideM    right of the centre line, negative to the left, −3 to 3 [m]
 * @param heightM  above the lowest line of the hull or the foot of the base, −2 to 3 [m]
 * @param room     inside sizes, where the place has walls
 */
@RecordBuilder
public record Station(String id, String name, Spot spot, Figure fromBowM, Figure sideM, Figure heightM, Size room)
        implements StationBuilder.With {
    /** Whether all three coordinates are given. */
    public boolean placed() {
        return fromBowM.isSet() && sideM.isSet() && heightM.isSet();
    }

    public Station {
        Checks.id("id", id);
        Checks.name("name", name);
        Figure.within("fromBowM", fromBowM, -3, 12, "m");
        Figure.within("sideM", sideM, -3, 3, "m");
        Figure.within("heightM", heightM, -2, 3, "m");
    }
}
