package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A rib, boss or handle that stands into a box.
 *
 * @param depthM how far it stands in, 0.001 to 0.2 [m]; never assumed
 */
@RecordBuilder
public record Rib(String id, String name, Inward takes, Figure depthM) implements RibBuilder.With {
    public Rib {
        Checks.id("id", id);
        Checks.name("name", name);
        Figure.within("depthM", depthM, 0.001, 0.2, "m");
    }
}
