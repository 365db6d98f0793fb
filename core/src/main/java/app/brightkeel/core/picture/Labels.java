package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Text;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Words for many things close together: in rows above and below all of them, each with a line to its thing. */
final class Labels {

    /** Width of a letter against the width of a picture. */
    private static final double LETTER = 0.0096;

    private static final double ROW_LINES = 1.25;
    private static final double FIRST_LINES = 0.7;

    private record Label(Role role, Point at, Text text, boolean above) {}

    private final List<Label> all = new ArrayList<>();
    private final double wide;
    private final double low;
    private final double high;
    private final double lineM;
    private final double top;
    private final double bottom;

    /**
     * @param top    over which words above stand, and {@code bottom} under which the others do
     * @param lines  height of the picture in lines of text
     */
    private Labels(Frame.ToScale frame, double top, double bottom, double lines) {
        wide = frame.high().x() - frame.low().x();
        low = frame.low().y();
        high = frame.high().y();
        lineM = (frame.high().y() - frame.low().y()) / lines;
        this.top = top;
        this.bottom = bottom;
    }

    /** Above and below a plan and all that stands out of it at these distances right of the centre line [m]. */
    static Labels beside(CraftDrawing on, Outline outline, double... sidesM) {
        double right = outline.halfM();
        double left = -right;
        for (double side : sidesM) {
            right = Math.max(right, side);
            left = Math.min(left, side);
        }
        return new Labels(on.frame(), on.plan(0, right).y(), on.plan(0, left).y(), CraftDrawing.LINES);
    }

    Labels add(Role role, Point at, Text text, boolean above) {
        all.add(new Label(role, at, text, above));
        return this;
    }

    /** Puts them down. */
    void draw(Drawing drawing) {
        draw(drawing, true);
        draw(drawing, false);
    }

    private void draw(Drawing drawing, boolean above) {
        List<Double> ends = new ArrayList<>();
        List<Label> side = all.stream()
                .filter(label -> label.above() == above)
                .sorted(Comparator.comparingDouble(label -> label.at().x()))
                .toList();
        for (Label label : side) {
            double half = LETTER * wide * label.text().in(Habit.METRIC).length() / 2;
            int row = 0;
            while (row < ends.size() && ends.get(row) > label.at().x() - half) {
                row++;
            }
            // where the picture has no more rows, words share the last one
            row = Math.min(row, rows(above) - 1);
            if (row == ends.size()) {
                ends.add(0.0);
            }
            ends.set(row, label.at().x() + half + LETTER * wide);
            put(drawing, label, row);
        }
    }

    private int rows(boolean above) {
        double room = above ? high - top : bottom - low;
        return Math.max(1, (int) Math.floor((room / lineM - FIRST_LINES) / ROW_LINES) + 1);
    }

    private void put(Drawing drawing, Label label, int row) {
        double lines = FIRST_LINES + ROW_LINES * row;
        double edge = label.above() ? top : bottom;
        double end = Math.max(low, Math.min(high, label.above() ? edge + lines * lineM : edge - lines * lineM));
        drawing.path(Role.QUIET, 0.6, label.at(), at(label.at().x(), end))
                .note(
                        label.role(),
                        at(label.at().x(), edge),
                        Side.MIDDLE,
                        label.above() ? -lines : lines + 0.6,
                        label.text());
    }
}
