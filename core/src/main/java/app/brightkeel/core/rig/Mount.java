package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Where and how a transducer is held.
 *
 * @param station  id of the station of the craft it sits at, "" where that is not decided
 * @param belowM   face below the hull at that place, negative where it is recessed; on ice below the surface, −0.5 to
 *                 3 [m]
 * @param plateM   length of transducer that its adapter plate carries, 0.02 to 1 [m]; unset without a plate
 * @param turnDeg  how far a pole is turned each way from ahead, 0 to 180 [°]
 * @param otherEdgeM what the edge it sits on lies lower on the other craft that it serves, negative: higher, −1 to 1 [m]
 * @param unit      what it comes off with, in words, as "seat"; "" where it comes off by itself
 * @param openingM clear width of the pocket or of the hole in the ice, 0.02 to 1 [m]; of no use for the others
 */
@RecordBuilder
public record Mount(
        MountKind kind,

        @Names(value = PartKind.STATION, orNothing = true, gone = Names.Gone.IS_EMPTIED)
        String station,

        Figure belowM,
        Figure openingM,
        Figure plateM,
        Figure turnDeg,
        Figure otherEdgeM,
        String unit)
        implements MountBuilder.With {

    public static final Mount UNDECIDED = new Mount(
            MountKind.UNDECIDED, "", Figure.UNSET, Figure.UNSET, Figure.UNSET, Figure.UNSET, Figure.UNSET, "");

    /** Without a plate, and not said how far it is turned. */
    public Mount(MountKind kind, String station, Figure belowM, Figure openingM) {
        this(kind, station, belowM, openingM, Figure.UNSET, Figure.UNSET, Figure.UNSET, "");
    }

    public Mount {
        Figure.within("belowM", belowM, -0.5, 3, "m");
        Figure.within("openingM", openingM, 0.02, 1, "m");
        Figure.within("plateM", plateM, 0.02, 1, "m");
        Figure.within("otherEdgeM", otherEdgeM, -1, 1, "m");
        Checks.text("unit", unit);
        Figure.within("turnDeg", turnDeg, 0, 180, "°");
    }
}
