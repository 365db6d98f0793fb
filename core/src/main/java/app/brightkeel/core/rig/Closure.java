package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A cover, plate, lid, seat, strap, layer of foam: what shuts places and parts away, of a kit or of the craft.
 *
 * @param stations ids of places that nobody gets at once it is shut, each once
 * @param parts    ids of parts that nobody gets at once it is shut, others that shut among them, each once
 * @param seating  how one sees that it sits right
 * @param there    whether it is on the craft already, and comes off first; false for one that is put on for the first time
 * @param gasket   whether it lies on one
 * @param under    what has to be right under it before, in the person's words, as "rudder cord tied again"; "" where nothing
 */
@RecordBuilder
public record Closure(
        String id,
        String name,
        ClosureKind kind,

        @Names(value = PartKind.STATION, gone = Names.Gone.IS_EMPTIED)
        List<String> stations,

        @Names(
                value = {
                    PartKind.TRANSDUCER,
                    PartKind.DEVICE,
                    PartKind.HOLDER,
                    PartKind.PACK,
                    PartKind.JUNCTION,
                    PartKind.SEGMENT,
                    PartKind.DATA_LEAD,
                    PartKind.BOX,
                    PartKind.BOARD_PART,
                    PartKind.EXTRA,
                    PartKind.CLOSURE
                },
                gone = Names.Gone.IS_EMPTIED)
        List<String> parts,

        Seating seating,
        boolean there,
        boolean gasket,
        String under)
        implements ClosureBuilder.With {

    private static final int MOST_UNDER = 60;

    public Closure {
        Checks.id("id", id);
        Checks.name("name", name);
        stations = Checks.atMost("stations", MOST_UNDER, stations);
        parts = Checks.atMost("parts", MOST_UNDER, parts);
        Checks.distinct("stations", stations);
        Checks.distinct("parts", parts);
        Checks.text("under", under);
    }

    /** One that shuts nothing away yet. */
    public static Closure blank(String id, String name) {
        return new Closure(id, name, ClosureKind.COVER, List.of(), List.of(), Seating.UNDECIDED, false, false, "");
    }
}
