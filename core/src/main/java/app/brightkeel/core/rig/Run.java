package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * How one cable goes through the craft.
 *
 * @param carries id of the transducer whose lead it is, of the segment of the harness, or of a data lead
 * @param legs    ids of passages, in order from the transducer or battery to the display
 * @param loopM   service loop, so that it can be unplugged, 0 to 5 [m]
 * @param dripM   drip loop, 0 to 2 [m]
 * @param movingM slack for all that moves on the way: swivel, fold, seat, hatch lid, 0 to 5 [m]
 * @param freeM   left free at the transducer, 0 to 5 [m]
 * @param cableM  outer width of the cable, 0.001 to 0.05 [m]
 * @param reliefM first tie behind the transducer, 0 to 0.5 [m]
 * @param through ids of passages that it has to take, whatever is planned
 * @param travels what moves on its way
 * @param exits   ids of the holes by which it leaves the boxes at its ends
 * @param coilAt  id of the station where what is left over is coiled; "" where the usual place does
 */
@RecordBuilder
public record Run(
        String id,

        @Names(
                value = {PartKind.TRANSDUCER, PartKind.SEGMENT, PartKind.DATA_LEAD},
                once = "each cable on one way")
        String carries,

        @Names(PartKind.PASSAGE) List<String> legs,
        Figure loopM,
        Figure dripM,
        Figure movingM,
        Figure freeM,
        Figure cableM,
        Figure reliefM,

        @Names(value = PartKind.PASSAGE, gone = Names.Gone.IS_EMPTIED)
        List<String> through,

        List<Travel> travels,

        @Names(value = PartKind.STATION, orNothing = true, gone = Names.Gone.IS_EMPTIED)
        String coilAt,

        @Names(value = PartKind.EXIT, gone = Names.Gone.IS_EMPTIED)
        List<String> exits)
        implements RunBuilder.With {

    private static final int MOST_LEGS = 30;

    /** One at each end. */
    private static final int MOST_EXITS = 2;

    /** Widest cable [m]. */
    static final double WIDEST_M = 0.05;

    public Run {
        Checks.id("id", id);
        Checks.id("carries", carries);
        legs = Checks.atMost("legs", MOST_LEGS, legs);
        Figure.within("loopM", loopM, 0, 5, "m");
        Figure.within("dripM", dripM, 0, 2, "m");
        Figure.within("movingM", movingM, 0, 5, "m");
        Figure.within("freeM", freeM, 0, 5, "m");
        Figure.within("cableM", cableM, 0.001, WIDEST_M, "m");
        Figure.within("reliefM", reliefM, 0, 0.5, "m");
        through = Checks.atMost("through", MOST_LEGS, through);
        travels = Checks.atMost("travels", Moves.values().length, travels);
        Checks.distinct(
                "travels", travels.stream().map(each -> each.what().name()).toList());
        Checks.text("coilAt", coilAt);
        exits = Checks.atMost("exits", MOST_EXITS, exits);
    }

    /** All slack that is always there [m]; asked only of a filled run. */
    public double slackM() {
        return loopM.value() + dripM.value() + movingM.value() + freeM.value();
    }

    /** A run along legs with the usual slack. */
    public static Run along(String id, String carries, List<String> legs) {
        Figure open = Figure.UNSET;
        return new Run(id, carries, legs, open, open, open, open, open, open, List.of(), List.of(), "", List.of());
    }
}
