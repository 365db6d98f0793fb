package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A pocket of a box, and what it is for in one of its states.
 *
 * @param pose   in use, or stowed for the way
 * @param inside its measures
 * @param holds  id of a device, pack or transducer; "" for what is no part of the rig, as a spare cord
 */
@RecordBuilder
public record Pocket(
        String id,
        String name,
        Pose pose,
        Size inside,

        @Names(
                value = {PartKind.DEVICE, PartKind.PACK, PartKind.TRANSDUCER},
                orNothing = true,
                gone = Names.Gone.IS_EMPTIED)
        String holds)
        implements PocketBuilder.With {
    public Pocket {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.text("holds", holds);
    }
}
