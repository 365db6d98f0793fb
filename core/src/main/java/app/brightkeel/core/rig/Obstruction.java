package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Something that stands down into the water under a craft, taken as an upright post.
 *
 * @param fromBowM   aft of the bow, −1 to 13 [m]
 * @param sideM      right of the centre line, −3 to 3 [m]
 * @param belowM     how far it reaches below the lowest line of the hull, 0 to 2 [m]
 * @param halfWidthM from its middle to its edge, 0.001 to 1 [m]
 */
@RecordBuilder
public record Obstruction(
        String id, String name, ObstructionKind sort, Figure fromBowM, Figure sideM, Figure belowM, Figure halfWidthM)
        implements ObstructionBuilder.With {

    public Obstruction {
        Checks.id("id", id);
        Checks.name("name", name);
        Figure.within("fromBowM", fromBowM, -1, 13, "m");
        Figure.within("sideM", sideM, -3, 3, "m");
        Figure.within("belowM", belowM, 0, 2, "m");
        Figure.within("halfWidthM", halfWidthM, 0.001, 1, "m");
    }
}
