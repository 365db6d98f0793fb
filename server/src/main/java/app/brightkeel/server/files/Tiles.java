package app.brightkeel.server.files;

import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.quantity.Habit;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * The pages of the person's own paper that a full-size sheet takes: one, upright or lying, where it goes on one; else as
 * few as will do, each over its neighbours by a strip with crosses to lay on each other.
 *
 * @param paper   as it lies
 * @param columns from the left
 * @param rows    from below
 * @param roomM   of one page, wide and tall [m]
 */
record Tiles(PDRectangle paper, int columns, int rows, Point roomM, Frame.ToScale frame) {

    static final double HEAD_M = 0.022;

    /** What a printer leaves white, and a little more. */
    static final double MARGIN_M = 0.008;

    private static final double OVER_M = 0.012;
    private static final double CROSS_M = 0.004;

    /** Two thirds and one third of a page: two crosses hold a strip straight. */
    private static final double[] CROSSES = {1.0 / 3, 2.0 / 3};

    static Tiles of(Frame.ToScale frame, Habit habit) {
        PDRectangle upright = habit == Habit.US ? PDRectangle.LETTER : PDRectangle.A4;
        Tiles tall = on(upright, frame);
        Tiles wide = on(new PDRectangle(upright.getHeight(), upright.getWidth()), frame);
        return wide.count() < tall.count() ? wide : tall;
    }

    private static Tiles on(PDRectangle paper, Frame.ToScale frame) {
        Point room = new Point(
                paper.getWidth() / TemplatePdf.POINTS_PER_M - 2 * MARGIN_M,
                paper.getHeight() / TemplatePdf.POINTS_PER_M - 2 * MARGIN_M - HEAD_M);
        return new Tiles(
                paper,
                needed(frame.high().x() - frame.low().x(), room.x()),
                needed(frame.high().y() - frame.low().y(), room.y()),
                room,
                frame);
    }

    private static int needed(double lengthM, double roomM) {
        // paper is measured in whole points
        double over = lengthM - roomM - 1 / TemplatePdf.POINTS_PER_M;
        return over <= 0 ? 1 : 1 + (int) Math.ceil(over / (roomM - OVER_M));
    }

    int count() {
        return columns * rows;
    }

    /** Lower left of what a page shows, in the scene. */
    Point corner(int column, int row) {
        return new Point(
                frame.low().x() + column * (roomM.x() - OVER_M), frame.low().y() + row * (roomM.y() - OVER_M));
    }

    /** In the middle of each strip, at the same place of the scene on both pages. */
    List<Mark> crosses() {
        List<Mark> marks = new ArrayList<>();
        for (int column = 0; column < columns; column++) {
            for (int row = 0; row < rows; row++) {
                Point corner = corner(column, row);
                for (double share : CROSSES) {
                    if (column > 0) {
                        cross(marks, new Point(corner.x() + OVER_M / 2, corner.y() + share * roomM.y()));
                    }
                    if (row > 0) {
                        cross(marks, new Point(corner.x() + share * roomM.x(), corner.y() + OVER_M / 2));
                    }
                }
            }
        }
        return marks;
    }

    private static void cross(List<Mark> marks, Point at) {
        marks.add(line(new Point(at.x() - CROSS_M, at.y()), new Point(at.x() + CROSS_M, at.y())));
        marks.add(line(new Point(at.x(), at.y() - CROSS_M), new Point(at.x(), at.y() + CROSS_M)));
    }

    private static Mark line(Point from, Point to) {
        return new Mark.Path(Role.QUIET, List.of(from, to), false, 0.7);
    }
}
