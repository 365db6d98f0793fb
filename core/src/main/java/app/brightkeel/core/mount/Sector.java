package app.brightkeel.core.mount;

import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.rig.Obstruction;

/**
 * How far below the true horizontal the view from a face is hidden, all round.
 *
 * <p>Bearings count clockwise from ahead in the hull's own frame. What hangs down hides everything between the horizontal
 * and the line to its lowest edge; so does the hull where it lies deeper than the face. The horizontal is the water's:
 * trim and heel lift it on one side and lower it on the other.
 */
public final class Sector {

    private static final int DEGREES = 360;

    /** Bearings between which the hull is looked at [°]. */
    private static final int HULL_STEP_DEG = 5;

    private static final int RIGHT_DEG = 90;
    private static final int LEFT_DEG = 270;

    /** A thin fan looks within so much of square to the keel [°]. */
    private static final int THIN_DEG = 2;

    /** What may be hidden of a fan that is turned; common practice, no source [rad]. */
    private static final double PASSES_RAD = Math.toRadians(5);

    private static final double NEAREST_M = 0.04;
    private static final double FARTHEST_M = 2.0;
    private static final double FARTHER = 1.3;

    /** Hidden below the craft's own horizontal, at last below the true one [rad]; 0 where nothing hides it. */
    private final double[] hidden = new double[DEGREES];

    private final int halfAcrossDeg;
    private final int turnDeg;

    private Sector(int acrossDeg, int turnDeg) {
        halfAcrossDeg = (acrossDeg + 1) / 2;
        this.turnDeg = turnDeg;
    }

    /** @param rimRad what the rim of an opening leaves of the view, off the axis */
    static Sector of(HeldFace held, double rimRad) {
        Sector sector = new Sector(held.acrossDeg(), held.turnDeg().orElse(0));
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
    private void stands(HeldFace held, Obstruction post) {
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

    private void hull(HeldFace held, Outline hull) {
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

    /** How far the true horizontal lies below the craft's own towards a bearing [rad]. */
    private static double horizonRad(HeldFace held, int bearingDeg) {
        double turn = Math.toRadians(bearingDeg);
        return -Math.atan(-held.riseX() * Math.cos(turn) + held.riseY() * Math.sin(turn));
    }

    /** Hidden below the true horizontal towards a bearing, 0 to π/2 [rad]. */
    public double lostRad(int bearingDeg) {
        return hidden[Math.floorMod(bearingDeg, DEGREES)];
    }

    /** The most that is hidden within so many degrees of a bearing, 0 to π/2 [rad]. */
    private double lostRad(int bearingDeg, int withinDeg) {
        double most = 0;
        for (int deg = bearingDeg - withinDeg; deg <= bearingDeg + withinDeg; deg++) {
            most = Math.max(most, lostRad(deg));
        }
        return most;
    }

    /** Hidden below the true horizontal where a thin fan looks to the left, 0 to π/2 [rad]. */
    public double leftLostRad() {
        return lostRad(LEFT_DEG, THIN_DEG);
    }

    /** The same to the right. */
    public double rightLostRad() {
        return lostRad(RIGHT_DEG, THIN_DEG);
    }

    /** Whether the live fan sees from the horizontal down when its pole is turned to a bearing. */
    public boolean clearAt(int bearingDeg) {
        return lostRad(bearingDeg, halfAcrossDeg) <= PASSES_RAD;
    }

    private int blocks(int bearingDeg) {
        return lostRad(bearingDeg) <= PASSES_RAD ? 0 : 1;
    }

    /** The whole turn of the pole, 0 to 360 [°]. */
    public int turnedDeg() {
        return Math.min(DEGREES, 2 * turnDeg + 1);
    }

    /** Bearings of that turn at which the live fan is clear [°]. */
    public int clearTurnDeg() {
        int blocked = 0;
        for (int deg = -turnDeg - halfAcrossDeg; deg < -turnDeg + halfAcrossDeg; deg++) {
            blocked += blocks(deg);
        }
        int clear = 0;
        for (int deg = 0; deg < turnedDeg(); deg++) {
            int ahead = deg - turnDeg;
            // one bearing enters the fan as it turns on, and one leaves it
            blocked += blocks(ahead + halfAcrossDeg);
            clear += blocked == 0 ? 1 : 0;
            blocked -= blocks(ahead - halfAcrossDeg);
        }
        return clear;
    }
}
