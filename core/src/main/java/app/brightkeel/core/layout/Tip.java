package app.brightkeel.core.layout;

import app.brightkeel.core.craft.MassAt;
import app.brightkeel.core.layout.Footprint.Corner;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Station;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a base on the ice stands about the line over which it would tip first: margin = restoring / overturning moment
 * about an edge of the outline it stands on, the container's own mass included.
 *
 * @param from          one end of that edge
 * @param to            the other, the inside on the left hand
 * @param restoringKgM  of what stands inside it
 * @param overturningKgM of what hangs out over it
 * @param acrossM       width of the base at right angles to that edge, kickstand included
 */
public record Tip(Corner from, Corner to, double restoringKgM, double overturningKgM, double acrossM) {

    /** Margin that is wanted; common practice, no source. */
    public static final double WANTED = 1.3;

    /** Margin at which next to nothing hangs out; no larger one is told. */
    private static final double NOTHING_TIPS = 1000;

    /** Sine of the angle off an axis from which a direction is named by both. */
    private static final double BOTH = Math.sin(Math.toRadians(22.5));

    private static final double SAME = 1e-9;

    /** About the worst edge of what it stands on. */
    static Tip of(Footprint footprint, List<MassAt> masses) {
        @Nullable Tip worst = null;
        List<Corner> corners = footprint.corners();
        for (int c = 0; c < corners.size(); c++) {
            Tip tip = about(corners.get(c), corners.get((c + 1) % corners.size()), corners, masses);
            if (worst == null || tip.margin() < worst.margin() - SAME) {
                worst = tip;
            }
        }
        if (worst == null) {
            throw new IllegalArgumentException("a footprint without corners");
        }
        return worst;
    }

    private static Tip about(Corner from, Corner to, List<Corner> corners, List<MassAt> masses) {
        Tip edge = new Tip(from, to, 0, 0, 0);
        double restoring = 0;
        double overturning = 0;
        for (MassAt each : masses) {
            double inside = edge.insideM(each.xM(), each.yM());
            restoring += each.kg() * Math.max(0, inside);
            overturning += each.kg() * Math.max(0, -inside);
        }
        double across = corners.stream()
                .mapToDouble(corner -> edge.insideM(corner.xM(), corner.yM()))
                .max()
                .orElse(0);
        return new Tip(from, to, restoring, overturning, across);
    }

    /** How far inside its edge a place lies [m]; negative outside. */
    public double insideM(Station station) {
        return insideM(station.fromBowM().value(), station.sideM().value());
    }

    /** The same for any place, in metres from the front edge and right of the centre line. */
    public double insideM(double xM, double yM) {
        return from.insideM(to, xM, yM);
    }

    private double ahead() {
        return (to.xM() - from.xM()) / edgeM();
    }

    private double aside() {
        return (to.yM() - from.yM()) / edgeM();
    }

    private double edgeM() {
        return Math.hypot(to.xM() - from.xM(), to.yM() - from.yM());
    }

    /** The nearest of the four. */
    public BaseEdge edge() {
        // outwards is to the right hand of the edge
        double back = aside();
        double right = -ahead();
        if (Math.abs(back) >= Math.abs(right)) {
            return back > 0 ? BaseEdge.BACK : BaseEdge.FRONT;
        }
        return right > 0 ? BaseEdge.RIGHT : BaseEdge.LEFT;
    }

    /** To which side it tips, in words: one of the four, or two of them. */
    public String side() {
        String along = aside() > BOTH ? BaseEdge.BACK.words() : aside() < -BOTH ? BaseEdge.FRONT.words() : "";
        String across = ahead() < -BOTH ? BaseEdge.RIGHT.words() : ahead() > BOTH ? BaseEdge.LEFT.words() : "";
        return (along + " " + across).trim();
    }

    /** Where a base without its kickstand begins and ends behind the edge [m]. */
    public double[] baseM(Craft craft) {
        return Footprint.of(craft).corners().stream()
                .mapToDouble(corner -> insideM(corner.xM(), corner.yM()))
                .sorted()
                .toArray();
    }

    /** Whether next to nothing hangs out over any edge. */
    public boolean nothingOver() {
        return overturningKgM * NOTHING_TIPS <= restoringKgM;
    }

    /** Restoring over overturning, a thousand at most. */
    public double margin() {
        return restoringKgM / Math.max(overturningKgM, restoringKgM / NOTHING_TIPS);
    }

    /** Ballast at the far edge for a margin [kg]; 0 where it has that already. */
    public double ballastKg(double margin) {
        return Math.max(0, margin * overturningKgM - restoringKgM) / acrossM;
    }
}
