package app.brightkeel.server.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.quantity.Habit;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Sheets on the paper that a person has: A4 of ISO 216, Letter of ANSI Y14.1, by hand. */
public class TilesTest {

    private static final double WITHIN_M = 1e-3;

    /** Size of a sheet [mm], and the pages it takes on A4 and on Letter. */
    @DataProvider
    public Object[][] sheets() {
        return new Object[][] {
            {100, 100, 1, 1},
            {190, 226, 1, 1},
            // A4 has 194 mm and 259 mm, Letter 200 and 241 besides margins and head; lying 281 and 172, 263 and 178
            {198, 200, 2, 1},
            {270, 170, 1, 2},
            {340, 300, 4, 4},
            {600, 400, 8, 8},
        };
    }

    @Test(dataProvider = "sheets")
    public void asFewPagesAsWillDo(double wideMm, double tallMm, int a4, int letter) {
        Frame.ToScale frame = new Frame.ToScale(new Point(0, 0), new Point(wideMm / 1000, tallMm / 1000), 0.01);
        assertPages(Tiles.of(frame, Habit.METRIC), a4);
        assertPages(Tiles.of(frame, Habit.US), letter);
    }

    private static void assertPages(Tiles tiles, int pages) {
        assertEquals(tiles.count(), pages);
        Point last = tiles.corner(tiles.columns() - 1, tiles.rows() - 1);
        assertTrue(last.x() + tiles.roomM().x() >= tiles.frame().high().x() - WITHIN_M, "all of it is shown");
        assertTrue(last.y() + tiles.roomM().y() >= tiles.frame().high().y() - WITHIN_M, "all of it is shown");
        // every cross lies on two pages or more, or it holds nothing together
        List<Mark> crosses = tiles.crosses();
        assertEquals(crosses.isEmpty(), pages == 1);
        for (Mark cross : crosses) {
            List<Point> points = ((Mark.Path) cross).points();
            int on = 0;
            for (int column = 0; column < tiles.columns(); column++) {
                for (int row = 0; row < tiles.rows(); row++) {
                    Point corner = tiles.corner(column, row);
                    boolean whole = points.stream()
                            .allMatch(at -> at.x() >= corner.x()
                                    && at.x() <= corner.x() + tiles.roomM().x()
                                    && at.y() >= corner.y()
                                    && at.y() <= corner.y() + tiles.roomM().y());
                    on += whole ? 1 : 0;
                }
            }
            assertTrue(on >= 2, points.toString());
        }
    }
}
