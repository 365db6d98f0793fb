package app.brightkeel.core.route;

import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Zone;
import java.util.List;

/**
 * What speaks against a passage for one cable: an opening its plug does not pass, drilling where that is ruled out, a
 * hole below the waterline nobody asked for; less so, crossing what moves.
 *
 * @param plugM width of its plug [m]; 0 where none has to pass
 */
public record Objections(double plugM, Schools.Drilling drilling) {

    /** What one objection costs against a way that is longer [m]. */
    private static final double OBJECTION_M = 1000;

    private static final double CROSSING_M = 100;

    /** Against the ways of one cable. */
    public static Objections of(Rig rig, String carried) {
        return of(rig, carried, rig.schools().drilling());
    }

    /**
     * The same for a plan, which shows what drilling would bring, or not drilling, whatever the person would rather do;
     * below the waterline only where that was asked for.
     */
    static Objections planned(Rig rig, String carried, boolean drills) {
        boolean asked = rig.schools().drilling() == Schools.Drilling.BELOW_WATERLINE;
        Schools.Drilling above = asked ? Schools.Drilling.BELOW_WATERLINE : Schools.Drilling.ABOVE_WATERLINE;
        return of(rig, carried, drills ? above : Schools.Drilling.NO_DRILL);
    }

    private static Objections of(Rig rig, String carried, Schools.Drilling drilling) {
        double plug = Cable.of(rig, carried)
                .map(Cable::plugM)
                .filter(Figure::isSet)
                .map(Figure::value)
                .orElse(0.0);
        return new Objections(plug, drilling);
    }

    int to(Passage leg) {
        boolean tight =
                leg.meetsPlug() && leg.openingM().isSet() && leg.openingM().value() < plugM;
        boolean unasked = leg.belowWaterline() && drilling != Schools.Drilling.BELOW_WATERLINE;
        boolean ruledOut = drilling == Schools.Drilling.NO_DRILL || unasked;
        return (tight ? 1 : 0) + (leg.way().drills() && ruledOut ? 1 : 0);
    }

    /** How many there are against a way. */
    public int to(List<Passage> legs) {
        return legs.stream().mapToInt(this::to).sum();
    }

    /** What speaks against a passage, as a long detour [m]. */
    double againstM(Passage leg) {
        return OBJECTION_M * to(leg);
    }

    /** Length of a passage, and a long detour more for each thing that speaks against it [m]. */
    double costM(Passage leg) {
        return leg.lengthM().value() + againstM(leg) + (leg.crosses() == Zone.NONE ? 0 : CROSSING_M);
    }
}
