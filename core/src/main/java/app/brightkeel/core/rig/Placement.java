package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Where a thing sits.
 *
 * @param item     id of a device, pack or junction; a transducer's place stands in its mount
 * @param station  id of a station of the craft
 * @param comesOff whether it leaves the craft after the day, for charging or against theft
 * @param held     how it is kept there; said of batteries
 * @param unit     what it comes off with, in words, as "seat"; "" where it comes off by itself or in its box
 * @param offMin   what taking it off takes, 0 to 120 [min]
 */
@RecordBuilder
public record Placement(
        @Names(
                value = {PartKind.DEVICE, PartKind.PACK, PartKind.JUNCTION},
                once = "each thing at one place")
        String item,

        @Names(PartKind.STATION) String station,
        boolean comesOff,
        Held held,
        Figure offMin,
        String unit)
        implements PlacementBuilder.With {
    /** Of which nothing more is said. */
    public Placement(String item, String station, boolean comesOff) {
        this(item, station, comesOff, Held.UNKNOWN, Figure.UNSET, "");
    }

    /** That comes off by itself or in its box. */
    public Placement(String item, String station, boolean comesOff, Held held, Figure offMin) {
        this(item, station, comesOff, held, offMin, "");
    }

    public Placement {
        Checks.id("item", item);
        Checks.id("station", station);
        Checks.text("unit", unit);
        Figure.within("offMin", offMin, 0, 120, "min");
    }
}
