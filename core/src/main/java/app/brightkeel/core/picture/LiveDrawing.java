package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Handle;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.sonar.Fan;
import app.brightkeel.core.sonar.Sight;
import app.brightkeel.core.sonar.SonarState;
import app.brightkeel.core.sonar.View;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/** Draws fans: live ones in side view and in plan with their handle, thin ones as the strips they cover. */
final class LiveDrawing {

    /** Out to where a cast falls, with room [m]. */
    static final double REACH_M = 1.25 * Fan.CAST_M;

    private static final int STEPS = 12;

    /** Length of the drawn handle, as a share of the reach. */
    private static final double HANDLE = 0.2;

    private LiveDrawing() {}

    static Optional<Fan> live(SonarState sonar) {
        return sonar.sights().stream().flatMap(sight -> sight.live().stream()).findFirst();
    }

    /**
     * Every upright live fan as a piece of a disc, ahead to the right.
     *
     * @param bedRangeM how far the bed is along a ray so far off straight down [rad]
     */
    static void side(Drawing drawing, SonarState sonar, double halfM, DoubleUnaryOperator bedRangeM) {
        for (Sight sight : sonar.sights()) {
            sight.live().filter(fan -> fan.look() != Look.ON_SIDE).ifPresent(fan -> {
                double reach = Math.min(
                        halfM,
                        Math.min(REACH_M, 2 * sight.belowFaceM(sight.water().mostM())));
                Point head = at(0, -sight.face().underM());
                List<Point> points = new ArrayList<>(List.of(head));
                for (int i = 0; i <= STEPS; i++) {
                    double off = fan.lowerRad() + (fan.upperRad() - fan.lowerRad()) * i / STEPS;
                    double range = Math.min(reach, bedRangeM.applyAsDouble(off));
                    points.add(at(range * Math.sin(off), Math.min(0, head.y() - range * Math.cos(off))));
                }
                drawing.curve(Role.BEAM, points, true);
            });
        }
    }

    /** Every live fan as a wedge ahead, or as the band under it that it sees; with the handle beside. */
    static void plan(Drawing drawing, SonarState sonar, Point middle) {
        int count = 0;
        for (Sight sight : sonar.sights()) {
            Optional<Fan> fan = sight.live();
            if (fan.isPresent()) {
                boolean across = count++ % 2 == 1;
                plan(drawing, sight, fan.get(), middle, across);
            }
        }
    }

    private static void plan(Drawing drawing, Sight sight, Fan fan, Point middle, boolean across) {
        double range = fan.rangeM(sight.belowFaceM(sight.water().typicalM()));
        double half = fan.acrossM(range) / 2;
        boolean wedge = fan.look() == Look.FORWARD || fan.look() == Look.ON_SIDE;
        double far = wedge ? Fan.CAST_M : Math.min(REACH_M, range * Math.tan(Math.min(1.2, fan.tallRad() / 2)));
        double wide = Math.min(half, REACH_M);
        List<Point> points = wedge
                ? List.of(middle, at(middle.x() - wide, middle.y() + far), at(middle.x() + wide, middle.y() + far))
                : band(middle, across ? far : wide, across ? wide : far);
        drawing.curve(Role.BEAM, points, true);
        if (!across) {
            drawing.note(
                    Role.QUIET,
                    at(middle.x(), middle.y() + far),
                    Side.MIDDLE,
                    -0.4,
                    "{} wide at {}",
                    new Amount(2 * half, Unit.DEPTH),
                    new Amount(range, Unit.DEPTH));
        }
        handle(drawing, sight.handle(), middle, across);
    }

    /** Along the beam, opposite to it, or nobody knows which. */
    private static void handle(Drawing drawing, Handle handle, Point middle, boolean across) {
        double reach = HANDLE * REACH_M;
        Point along = across ? at(middle.x() + reach, middle.y()) : at(middle.x(), middle.y() + reach);
        Point opposite = across ? at(middle.x() - reach, middle.y()) : at(middle.x(), middle.y() - reach);
        switch (handle) {
            case ALONG -> drawing.path(Role.PART, 3, middle, along);
            case OPPOSITE -> drawing.path(Role.PART, 3, middle, opposite);
            case UNMARKED -> drawing.path(Role.MISSING, 2, along, opposite);
        }
        drawing.spot(Role.JUNCTION, middle);
        if (!across) {
            drawing.note(Role.QUIET, at(middle.x(), middle.y() - reach), Side.MIDDLE, 1.2, "handle {}", handle.words());
        }
    }

    private static List<Point> band(Point middle, double halfX, double halfY) {
        return List.of(
                at(middle.x() - halfX, middle.y() - halfY),
                at(middle.x() + halfX, middle.y() - halfY),
                at(middle.x() + halfX, middle.y() + halfY),
                at(middle.x() - halfX, middle.y() + halfY));
    }

    /** How far out side fans are drawn: thrice the depth; common practice, no source [m]. */
    static double sideReachM(Sight sight) {
        return 3 * sight.belowFaceM(sight.water().typicalM());
    }

    /** How far out a line beam sees of the bottom, at the depth where most time is spent [m]. */
    static double lineReachM(Sight sight, View view) {
        return sight.belowFaceM(sight.water().typicalM())
                * Math.tan(Math.min(1.3, view.cone().halfRad()));
    }

    /** The strip a line beam covers, and the two that side fans cover with the gap between them. */
    static void fan(Drawing drawing, Sight sight, View view, Point middle, Role role) {
        double below = sight.belowFaceM(sight.water().typicalM());
        double thin = Math.max(below * Math.tan(view.acrossRad() / 2), below / 60);
        if (view.shape() == BeamShape.LINE) {
            drawing.curve(role, band(middle, lineReachM(sight, view), thin), true);
        } else if (view.shape() == BeamShape.SIDE) {
            double gap = below * Math.tan(Math.PI / 2 - view.cone().fullRad());
            double far = sideReachM(sight);
            drawing.curve(role, band(at(middle.x() - (gap + far) / 2, middle.y()), (far - gap) / 2, thin), true)
                    .curve(role, band(at(middle.x() + (gap + far) / 2, middle.y()), (far - gap) / 2, thin), true);
        }
    }
}
