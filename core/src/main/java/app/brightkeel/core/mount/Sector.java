package app.brightkeel.core.mount;

import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.rig.Obstruction;
import java.util.Arrays;

/**
 * How far below the true horizontal the view from a face is hidden, all round.
 *
 * <p>Bearings count clockwise from ahead in the hull's own frame. What hangs down hides everything between the horizontal
 * and the line to its lowest edge; so does the hull where it lies deeper than the face. The horizontal is the water's:
 * trim and heel lift it on one side and lower it on the other.
 */
public final class Sector {

    static final int DEGREES = 360;

    /** Bearings between which the hull is looked at [°]. */
    private static final int HULL_STEP_DEG = 5;

    private static final double NEAREST_M = 0.04;
    private static final double FARTHEST_M = 2.0;
    private static final double FARTHER = 1.3;

    /** Hidden below the craft's own horizontal, at last below the true one [rad]; 0 where nothing hides it. */
    private final double[] hidden = new double[DEGREES];

    private Sector() {}

    static Sector of(Held held, double rimRad) {
        Sector sector = new Sector();
        for (Obstruction obstruction : held.obstructions()) {
            sector.stands(held, obstruction);
        }
        held.outline().ifPresent(hull -> sector.hull(held, hull));
        double rim = Math.PI / 2 - rimRad;
        for (int deg = 0; deg < DEGREES; deg++) {
            double below = Math.max(sector.hidden[deg], rim);
            sector.hidden[deg] = below == 0 ? 0 : Math.max(0, Math.min(Math.PI / 2, below - horizonRad(held, deg)));
        }
        return sector;
    }

    /** An upright post of round section, from the hull down. */
    private void stands(Held held, Obstruction post) {
        double reach = held.face().zM() + post.belowM().value();
        if (reach <= 0) {
            return;
        }
        double ahead = held.face().xM() - post.fromBowM().value();
        double right = post.sideM().value() - held.face().yM();
        double away = Math.hypot(ahead, right);
        double radius = post.halfWidthM().value();
        if (away <= radius) {
            hide(0, DEGREES - 1, Math.PI / 2);
            return;
        }
        double bearing = Math.atan2(right, ahead);
        double half = Math.asin(radius / away);
        int first = (int) Math.floor(Math.toDegrees(bearing - half));
        int last = (int) Math.ceil(Math.toDegrees(bearing + half));
        for (int deg = first; deg <= last; deg++) {
            double off = Math.min(half, Math.abs(Math.toRadians(deg) - bearing));
            double across = away * Math.sin(off);
            double near = away * Math.cos(off) - Math.sqrt(Math.max(0, radius * radius - across * across));
            hide(deg, deg, Math.atan2(reach, near));
        }
    }

    private void hull(Held held, Outline hull) {
        for (int deg = 0; deg < DEGREES; deg += HULL_STEP_DEG) {
            double turn = Math.toRadians(deg);
            double most = 0;
            for (double away = NEAREST_M; away <= FARTHEST_M; away *= FARTHER) {
                double x = held.face().xM() - away * Math.cos(turn);
                double y = held.face().yM() + away * Math.sin(turn);
                double reach = held.face().zM() - hull.bottomM(x, y);
                if (hull.over(x, y) && reach > 0) {
                    most = Math.max(most, Math.atan2(reach, away));
                }
            }
            hide(deg - HULL_STEP_DEG / 2, deg + HULL_STEP_DEG / 2, most);
        }
    }

    private void hide(int firstDeg, int lastDeg, double rad) {
        for (int deg = firstDeg; deg <= lastDeg; deg++) {
            int at = Math.floorMod(deg, DEGREES);
            hidden[at] = Math.max(hidden[at], rad);
        }
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Sector that && Arrays.equals(hidden, that.hidden);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(hidden);
    }

    /** How far the true horizontal lies below the craft's own towards a bearing [rad]. */
    private static double horizonRad(Held held, int bearingDeg) {
        double turn = Math.toRadians(bearingDeg);
        return -Math.atan(-held.riseX() * Math.cos(turn) + held.riseY() * Math.sin(turn));
    }

    /** Hidden below the true horizontal towards a bearing, 0 to π/2 [rad]. */
    public double lostRad(int bearingDeg) {
        return hidden[Math.floorMod(bearingDeg, DEGREES)];
    }

    /** The most that is hidden within so many degrees of a bearing, 0 to π/2 [rad]. */
    public double lostRad(int bearingDeg, int withinDeg) {
        double most = 0;
        for (int deg = bearingDeg - withinDeg; deg <= bearingDeg + withinDeg; deg++) {
            most = Math.max(most, lostRad(deg));
        }
        return most;
    }

    /**
     * Whether a fan that is turned to a bearing sees from the horizontal down.
     *
     * @param halfAcrossDeg half of its width
     * @param passesRad     what may be hidden of it
     */
    public boolean clear(int bearingDeg, int halfAcrossDeg, double passesRad) {
        return lostRad(bearingDeg, halfAcrossDeg) <= passesRad;
    }

    /** Bearings within a turn each way from ahead at which a fan is clear [°], 0 to {@code 2 · turnDeg}, at most 360. */
    public int clearDeg(int turnDeg, int halfAcrossDeg, double passesRad) {
        int clear = 0;
        int last = turnDeg >= DEGREES / 2 ? DEGREES / 2 - 1 : turnDeg;
        int first = turnDeg >= DEGREES / 2 ? -DEGREES / 2 : -turnDeg;
        for (int deg = first; deg <= last; deg++) {
            clear += clear(deg, halfAcrossDeg, passesRad) ? 1 : 0;
        }
        return clear;
    }
}
