package app.brightkeel.core.picture;

import app.brightkeel.core.craft.Face;
import app.brightkeel.core.mount.Clearance;
import app.brightkeel.core.mount.Sector;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * Of what looks to the sides or is turned, in plan: where it sees down from the horizontal, and where something hides
 * that.
 */
final class SectorDrawing {

    private static final int DEGREES = 360;

    /** Between the corners of an arc [°]. */
    private static final int STEP_DEG = 6;

    private SectorDrawing() {}

    static boolean looksAside(Clearance clearance) {
        return clearance.held().side() || clearance.held().acrossDeg() > 0;
    }

    /** Bearings all round at which nothing hides the view [°]. */
    static int clearDeg(Clearance clearance) {
        IntPredicate clear = clear(clearance);
        return (int) IntStream.range(0, DEGREES).filter(clear).count();
    }

    private static IntPredicate clear(Clearance clearance) {
        Sector sector = clearance.sector();
        return clearance.held().acrossDeg() > 0 ? sector::clearAt : deg -> sector.lostRad(deg) == 0;
    }

    static void draw(Drawing drawing, CraftDrawing on, Clearance clearance, double radiusM) {
        if (!looksAside(clearance)) {
            return;
        }
        IntPredicate clear = clear(clearance);
        int start = 0;
        while (start < DEGREES && clear.test(start) == clear.test(start - 1)) {
            start++;
        }
        int first = start;
        for (int deg = start + 1; deg <= start + DEGREES; deg++) {
            if (deg == start + DEGREES || clear.test(deg) != clear.test(first)) {
                Role role = clear.test(first) ? Role.BEAM : Role.HIDDEN;
                drawing.curve(role, wedge(on, clearance.held().face(), first, deg, radiusM), true);
                first = deg;
            }
        }
    }

    /** From the face out and along the arc; all round it is a ring. */
    private static List<Point> wedge(CraftDrawing on, Face face, int fromDeg, int toDeg, double radiusM) {
        List<Point> points = new ArrayList<>();
        if (toDeg - fromDeg < DEGREES) {
            points.add(on.plan(face.xM(), face.yM()));
        }
        for (int deg = fromDeg; deg <= toDeg; deg += Math.max(1, Math.min(STEP_DEG, toDeg - deg))) {
            double turn = Math.toRadians(deg);
            points.add(on.plan(face.xM() - radiusM * Math.cos(turn), face.yM() + radiusM * Math.sin(turn)));
        }
        return points;
    }
}
