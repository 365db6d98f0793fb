package app.brightkeel.core.picture;

import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Figure;
import java.util.ArrayList;
import java.util.List;

/** Gathers the marks of a scene. */
final class Drawing {

    private static final int CORNERS = 48;
    private static final double PLACE_STEP_M = 0.05;
    private static final double HOUR_STEP = 0.25;

    private final List<Mark> marks = new ArrayList<>();

    Drawing path(Role role, double weight, Point... points) {
        marks.add(new Mark.Path(role, List.of(points), false, weight));
        return this;
    }

    Drawing curve(Role role, List<Point> points, boolean closed) {
        marks.add(new Mark.Path(role, List.copyOf(points), closed, 1));
        return this;
    }

    Drawing box(Role role, double x0, double y0, double x1, double y1) {
        return curve(role, List.of(at(x0, y0), at(x1, y0), at(x1, y1), at(x0, y1)), true);
    }

    Drawing note(Role role, Point at, Side side, double lines, String template, Object... parts) {
        return note(role, at, side, lines, Text.of(template, parts));
    }

    Drawing note(Role role, Point at, Side side, double lines, Text text) {
        marks.add(new Mark.Note(role, at, text, side, lines));
        return this;
    }

    Drawing line(Role role, double weight, List<Point> points) {
        marks.add(new Mark.Path(role, List.copyOf(points), false, weight));
        return this;
    }

    /** A circle as a many-sided figure. */
    Drawing circle(Role role, Point middle, double radius) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < CORNERS; i++) {
            double turn = 2 * Math.PI * i / CORNERS;
            points.add(at(middle.x() + radius * Math.cos(turn), middle.y() + radius * Math.sin(turn)));
        }
        return curve(role, points, true);
    }

    Drawing spot(Role role, Point at) {
        marks.add(new Mark.Spot(role, at));
        return this;
    }

    Drawing span(Role role, Point from, Point to, String template, Object... parts) {
        marks.add(new Mark.Span(role, from, to, Text.of(template, parts)));
        return this;
    }

    /** Something that can be chosen by pointing at it. */
    Drawing pick(String change, List<Point> area, String template, Object... parts) {
        marks.add(new Mark.Pick(change, List.copyOf(area), Text.of(template, parts)));
        return this;
    }

    Drawing element(String part, String drags, List<String> takes, Point low, Point high, Text text) {
        List<Point> area = List.of(low, at(high.x(), low.y()), high, at(low.x(), high.y()));
        marks.add(new Mark.Element(part, drags, takes, area, text));
        return this;
    }

    /** A length or place along a wire, measured to the centimetre by hand. */
    Drawing along(String pointer, Point at, double fromX, double lowM, double highM, Text text) {
        marks.add(new Mark.Drag(
                pointer,
                "",
                at,
                at(fromX, at.y()),
                1,
                at(fromX + lowM, at.y()),
                at(fromX + highM, at.y()),
                PLACE_STEP_M,
                Figure.Basis.MEASURED,
                text));
        return this;
    }

    /** A figure that is set by moving its place up and down. */
    Drawing handle(String pointer, Point at, double low, double high) {
        marks.add(new Mark.Handle(pointer, at, low, high));
        return this;
    }

    /** A place on a craft, measured to the centimetre. */
    Drawing drag(
            String xPointer,
            String yPointer,
            Point at,
            Point origin,
            double times,
            Point low,
            Point high,
            String name) {
        marks.add(new Mark.Drag(
                xPointer,
                yPointer,
                at,
                origin,
                times,
                low,
                high,
                PLACE_STEP_M,
                Figure.Basis.MEASURED,
                Text.of("{}", name)));
        return this;
    }

    /** An hour on a time axis, chosen. */
    Drawing drag(String pointer, Point at, double fromH, double highH, String name) {
        marks.add(new Mark.Drag(
                pointer,
                "",
                at,
                at(fromH, at.y()),
                1,
                at(fromH + HOUR_STEP / 5, at.y()),
                at(highH, at.y()),
                HOUR_STEP,
                Figure.Basis.CHOSEN,
                Text.of("{}", name)));
        return this;
    }

    List<Mark> marks() {
        return List.copyOf(marks);
    }

    static Point at(double x, double y) {
        return new Point(x, y);
    }
}
