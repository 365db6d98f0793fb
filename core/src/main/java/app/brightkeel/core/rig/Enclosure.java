package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A box, bucket, shuttle, case or bag that stands at a station, and what it takes from the room inside.
 *
 * @param station id of the station it stands at; what is placed there is inside it
 * @param outside its measures
 * @param massKg  empty, 0.02 to 50 [kg]; never assumed
 * @param wallM   thickness of its walls, 0.0002 to 0.1 [m]
 * @param clearM  kept free on every side of what is inside, 0 to 0.1 [m]
 * @param lidM    taken under the closed lid by bolts and outlets, 0 to 0.2 [m]
 * @param ribs    what else stands into it
 * @param exits   where cables leave it
 * @param pockets in it, for each of its states
 * @param tight   whether it keeps water out as bought
 * @param vented  whether gas gets out
 * @param drained whether water that got in runs out at its lowest corner
 * @param lidBolts pattern its lid is drilled to, as "30 × 60 mm"; "" where it is not drilled
 */
@RecordBuilder
public record Enclosure(
        String id,
        String name,
        EnclosureKind kind,
        @Names(PartKind.STATION) String station,
        Size outside,
        Figure massKg,
        Figure wallM,
        Figure clearM,
        Figure lidM,
        @PartList(PartKind.RIB) List<Rib> ribs,
        @PartList(PartKind.EXIT) List<Exit> exits,
        @PartList(PartKind.POCKET) List<Pocket> pockets,
        boolean tight,
        boolean vented,
        boolean drained,
        String lidBolts)
        implements EnclosureBuilder.With {

    private static final int MOST_RIBS = 12;
    private static final int MOST_EXITS = 12;
    private static final int MOST_POCKETS = 20;

    /** @throws Refusal naming the field for a measure that is not wider than its two walls */
    public Enclosure {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.id("station", station);
        Checks.text("lidBolts", lidBolts);
        Figure.within("massKg", massKg, 0.02, 50, "kg");
        Figure.within("wallM", wallM, 0.0002, 0.1, "m");
        Figure.within("clearM", clearM, 0, 0.1, "m");
        Figure.within("lidM", lidM, 0, 0.2, "m");
        ribs = Checks.atMost("ribs", MOST_RIBS, ribs);
        exits = Checks.atMost("exits", MOST_EXITS, exits);
        pockets = Checks.atMost("pockets", MOST_POCKETS, pockets);
        wider("outside.deepM", outside.deepM(), wallM);
        wider("outside.wideM", outside.wideM(), wallM);
        wider("outside.tallM", outside.tallM(), wallM);
    }

    /** A box of which nothing is known yet. */
    public static Enclosure unknown(String id, String name, String station) {
        return new Enclosure(
                id,
                name,
                EnclosureKind.BOX,
                station,
                Size.UNKNOWN,
                Figure.UNSET,
                Figure.UNSET,
                Figure.UNSET,
                Figure.UNSET,
                List.of(),
                List.of(),
                List.of(),
                false,
                false,
                false,
                "");
    }

    /** Whether neither gas nor heat gets out but through its walls. */
    public boolean shut() {
        return tight && !vented;
    }

    /** Whether water that gets in stands on its floor: a bag lies wet all over, what is tight gets none. */
    public boolean gathersWater() {
        return !tight && kind != EnclosureKind.BAG;
    }

    private static void wider(String field, Figure outside, Figure wallM) {
        if (outside.isSet() && wallM.isSet() && outside.value() <= 2 * wallM.value()) {
            throw new Refusal(
                    RefusalCode.OUT_OF_RANGE,
                    field,
                    String.valueOf(outside.value()),
                    "more than its two walls of " + wallM.value() + " m");
        }
    }
}
