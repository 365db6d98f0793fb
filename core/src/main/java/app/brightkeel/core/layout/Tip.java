package app.brightkeel.core.layout;

import app.brightkeel.core.craft.MassAt;
import java.util.List;

/**
 * How a base on the ice stands about the edge over which it would tip first: margin = restoring / overturning moment
 * about the edge of the base, the container's own mass included.
 *
 * @param edge          which of the four
 * @param restoringKgM  of what stands inside it
 * @param overturningKgM of what hangs out over it
 * @param acrossM       width of the base at right angles to that edge
 */
public record Tip(Edge edge, double restoringKgM, double overturningKgM, double acrossM) {

    /** Margin that is wanted; common practice, no source. */
    public static final double WANTED = 1.3;

    /** Edges of a base. */
    public enum Edge {
        FRONT("front"),
        BACK("back"),
        LEFT("left"),
        RIGHT("right");

        private final String words;

        Edge(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** About the worst edge of a base of a length and width [m]. */
    static Tip of(double lengthM, double beamM, List<MassAt> masses) {
        Tip worst = about(Edge.FRONT, lengthM, beamM, masses);
        for (Edge edge : List.of(Edge.BACK, Edge.LEFT, Edge.RIGHT)) {
            Tip tip = about(edge, lengthM, beamM, masses);
            if (tip.margin() < worst.margin()) {
                worst = tip;
            }
        }
        return worst;
    }

    private static Tip about(Edge edge, double lengthM, double beamM, List<MassAt> masses) {
        double restoring = 0;
        double overturning = 0;
        for (MassAt each : masses) {
            double inside = switch (edge) {
                case FRONT -> each.xM();
                case BACK -> lengthM - each.xM();
                case LEFT -> beamM / 2 + each.yM();
                case RIGHT -> beamM / 2 - each.yM();
            };
            restoring += each.kg() * Math.max(0, inside);
            overturning += each.kg() * Math.max(0, -inside);
        }
        boolean side = edge == Edge.LEFT || edge == Edge.RIGHT;
        return new Tip(edge, restoring, overturning, side ? beamM : lengthM);
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
