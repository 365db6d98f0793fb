package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Where a thing sits.
 *
 * @param item     id of a device or pack; a transducer's place stands in its mount
 * @param station  id of a station of the craft
 * @param comesOff whether it leaves the craft after the day, for charging or against theft
 */
@RecordBuilder
public record Placement(String item, String station, boolean comesOff) implements PlacementBuilder.With {
    public Placement {
        Checks.id("item", item);
        Checks.id("station", station);
    }
}
