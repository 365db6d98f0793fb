package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * How one cable goes through the craft.
 *
 * @param carries id of the transducer whose lead it is, or of the segment of the harness
 * @param legs    ids of passages, in order from the transducer or battery to the display
 * @param loopM   service loop, so that it can be unplugged, 0 to 5 [m]
 * @param dripM   drip loop, 0 to 2 [m]
 * @param movingM slack for all that moves on the way: swivel, fold, seat, hatch lid, 0 to 5 [m]
 * @param freeM   left free at the transducer, 0 to 5 [m]
 * @param cableM  outer width of the cable, 0.001 to 0.05 [m]
 */
@RecordBuilder
public record Run(
        String id,
        String carries,
        List<String> legs,
        Figure loopM,
        Figure dripM,
        Figure movingM,
        Figure freeM,
        Figure cableM)
        implements RunBuilder.With {

    private static final int MOST_LEGS = 30;

    public Run {
        Checks.id("id", id);
        Checks.id("carries", carries);
        legs = Checks.atMost("legs", MOST_LEGS, legs);
        Figure.within("loopM", loopM, 0, 5, "m");
        Figure.within("dripM", dripM, 0, 2, "m");
        Figure.within("movingM", movingM, 0, 5, "m");
        Figure.within("freeM", freeM, 0, 5, "m");
        Figure.within("cableM", cableM, 0.001, 0.05, "m");
    }

    /** A run along legs with the usual slack. */
    public static Run along(String id, String carries, List<String> legs) {
        return new Run(id, carries, legs, Figure.UNSET, Figure.UNSET, Figure.UNSET, Figure.UNSET, Figure.UNSET);
    }
}
