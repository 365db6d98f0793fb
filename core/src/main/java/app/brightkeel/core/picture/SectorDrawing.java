package app.brightkeel.core.picture;

import app.brightkeel.core.craft.Face;
import app.brightkeel.core.mount.Clearance;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import java.util.ArrayList;
import java.util.List;
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
        return (int)
                IntStream.range(0, DEGREES).filter(deg -> clear(clearance, deg)).count();
    }

    private static boolean clear(Clearance clearance, int deg) {
        return clearance.held().acrossDeg() > 0
                ? clearance.clearAt(deg)
                : clearance.sector().lostRad(deg) == 0;
    }

    static void draw(Drawing drawing, CraftDrawing on, Clearance clearance, double radiusM) {
        if (!looksAside(clearance)) {
            return;
        }
        int start = 0;
        while (start < DEGREES && clear(clearance, start) == clear(clearance, start - 1)) {
            start++;
        }
        int first = start;
        for (int deg = start + 1; deg <= start + DEGREES; deg++) {
            if (deg == start + DEGREES || clear(clearance, deg) != clear(clearance, first)) {
                Role role = clear(clearance, first) ? Role.BEAM : Role.HIDDEN;
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
