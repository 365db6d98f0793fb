package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What carries the rig.
 *
 * @param lengthM over all, 0.2 to 12 [m]
 */
@RecordBuilder
public record Craft(CraftKind kind, Figure lengthM) implements CraftBuilder.With {
    public Craft {
        Figure.within("lengthM", lengthM, 0.2, 12, "m");
    }
}
