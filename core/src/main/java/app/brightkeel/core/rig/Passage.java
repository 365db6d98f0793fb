package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A way for a cable from one station of a craft to another, either direction.
 *
 * @param from            id of the place it begins at
 * @param to              id of the place it ends at
 * @param lengthM         of cable that lies in it, up and down included, 0.01 to 12 [m]
 * @param openingM        clear width of its opening, 0.002 to 0.5 [m]; of no use where there is none
 * @param belowWaterline  whether its opening lies below the loaded waterline
 * @param crosses         what it crosses
 * @param opening         what else is known of its opening; of no use where there is none
 */
@RecordBuilder
public record Passage(
        String id,
        String name,

        @Names(value = PartKind.STATION, checkedThere = true)
        String from,

        @Names(value = PartKind.STATION, checkedThere = true)
        String to,

        Way way,
        Figure lengthM,
        Figure openingM,
        boolean belowWaterline,
        Zone crosses,
        Opening opening)
        implements PassageBuilder.With {
    /** Of whose opening nothing but its width is known. */
    public Passage(
            String id,
            String name,
            String from,
            String to,
            Way way,
            Figure lengthM,
            Figure openingM,
            boolean belowWaterline,
            Zone crosses) {
        this(id, name, from, to, way, lengthM, openingM, belowWaterline, crosses, Opening.UNKNOWN);
    }

    public Passage {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.id("from", from);
        Checks.id("to", to);
        Figure.within("lengthM", lengthM, 0.01, 12, "m");
        Figure.within("openingM", openingM, 0.002, 0.5, "m");
    }

    /** Whether a plug has to go through its opening: an indent is open to above while the lid is off. */
    public boolean meetsPlug() {
        return way.opening() && way != Way.HATCH_INDENT && opening.closedBy().plugPasses();
    }

    /** Where one comes out who goes in at a station; empty where it does not lead there. */
    public String across(String station) {
        return station.equals(from) ? to : station.equals(to) ? from : "";
    }
}
