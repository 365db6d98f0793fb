package app.brightkeel.core.rig;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What charges a pack.
 *
 * @param chemistry it is made for
 * @param blocks    12 V blocks in series it is made for, 1 to 4
 * @param amps      0.05 to 200 [A]
 * @param charges   id of a pack
 * @param via       id of the wire whose plug it is joined to, so that nobody unwires anything; "" at the terminals
 * @param aboard    whether it charges while the rig is in use
 * @param ending    of its lead
 */
@RecordBuilder
public record Charger(
        String id,
        String name,
        Chemistry chemistry,
        int blocks,
        Figure amps,
        @Names(PartKind.PACK) String charges,

        @Names(value = PartKind.SEGMENT, orNothing = true, gone = Names.Gone.IS_EMPTIED)
        String via,

        boolean aboard,
        Ending ending)
        implements ChargerBuilder.With {

    /** One of whose plug nothing is known. */
    public Charger(
            String id,
            String name,
            Chemistry chemistry,
            int blocks,
            Figure amps,
            String charges,
            String via,
            boolean aboard) {
        this(id, name, chemistry, blocks, amps, charges, via, aboard, Ending.UNKNOWN);
    }

    public Charger {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.within("blocks", blocks, 1, 4, "12 V blocks");
        Figure.within("amps", amps, 0.05, 200, "A");
        Checks.id("charges", charges);
        Checks.text("via", via);
    }
}
