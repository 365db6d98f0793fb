package app.brightkeel.core.layout;

import app.brightkeel.core.craft.MassAt;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Stand;
import app.brightkeel.core.rig.Station;
import java.util.List;

/**
 * How a base on the ice stands about the edge over which it would tip first: margin = restoring / overturning moment
 * about the edge of the base, the container's own mass included.
 *
 * @param edge          which of the four
 * @param restoringKgM  of what stands inside it
 * @param overturningKgM of what hangs out over it
 * @param acrossM       width of the base at right angles to that edge, kickstand included
 */
public record Tip(BaseEdge edge, double restoringKgM, double overturningKgM, double acrossM) {

    /** Margin that is wanted; common practice, no source. */
    public static final double WANTED = 1.3;

    /** About the worst edge of a base of a length and width [m]. */
    static Tip of(double lengthM, double beamM, Stand stand, List<MassAt> masses) {
        Tip worst = about(BaseEdge.FRONT, lengthM, beamM, stand, masses);
        for (BaseEdge edge : List.of(BaseEdge.BACK, BaseEdge.LEFT, BaseEdge.RIGHT)) {
            Tip tip = about(edge, lengthM, beamM, stand, masses);
            if (tip.margin() < worst.margin()) {
                worst = tip;
            }
        }
        return worst;
    }

    private static Tip about(BaseEdge edge, double lengthM, double beamM, Stand stand, List<MassAt> masses) {
        double out = stand.edge() == edge ? stand.outM().value() : 0;
        double restoring = 0;
        double overturning = 0;
        for (MassAt each : masses) {
            double inside = out + inside(edge, lengthM, beamM, each.xM(), each.yM());
            restoring += each.kg() * Math.max(0, inside);
            overturning += each.kg() * Math.max(0, -inside);
        }
        boolean side = edge == BaseEdge.LEFT || edge == BaseEdge.RIGHT;
        return new Tip(edge, restoring, overturning, out + (side ? beamM : lengthM));
    }

    /** How far inside its edge a place lies, kickstand not counted [m]; negative outside. */
    public double insideM(Craft craft, Station station) {
        return insideM(craft, station.fromBowM().value(), station.sideM().value());
    }

    /** The same for any place, in metres from the front edge and right of the centre line. */
    public double insideM(Craft craft, double xM, double yM) {
        return inside(edge, craft.lengthM().value(), craft.beamM().value(), xM, yM);
    }

    private static double inside(BaseEdge edge, double lengthM, double beamM, double xM, double yM) {
        return switch (edge) {
            case FRONT -> xM;
            case BACK -> lengthM - xM;
            case LEFT -> beamM / 2 + yM;
            case RIGHT -> beamM / 2 - yM;
            case NONE -> throw new IllegalArgumentException("no edge");
        };
    }

    /** Restoring over overturning; a thousand and more where next to nothing hangs out. */
    public double margin() {
        return restoringKgM / Math.max(overturningKgM, restoringKgM / 1000);
    }

    /** Ballast at the far edge for a margin [kg]; 0 where it has that already. */
    public double ballastKg(double margin) {
        return Math.max(0, margin * overturningKgM - restoringKgM) / acrossM;
    }
}
