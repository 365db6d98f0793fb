package app.brightkeel.server.files;

import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Unit;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** A scene as an SVG file: whole in itself, in the light colours of the screen. */
public final class SvgPicture {

    static final int WIDTH = 760;
    static final int HEIGHT = 560;

    /** Room for title and subtitle. */
    private static final int HEAD = 60;

    private static final int MARGIN = 30;

    /** Of a table that is read aloud. */
    private static final int MOST_ROWS = 60;

    private SvgPicture() {}

    /** The file's text; amounts in the reader's habit. */
    public static String of(String rig, Scene scene, Habit habit) {
        SvgSheet sheet = new SvgSheet();
        Frame frame = scene.frame();
        Place place = frame instanceof Frame.Plot plot ? plot(plot) : toScale((Frame.ToScale) frame);
        sheet.head(
                MARGIN,
                WIDTH - 2 * MARGIN,
                scene.title().in(habit),
                scene.subtitle().in(habit));
        if (frame instanceof Frame.Plot plot) {
            axes(plot, place, sheet, habit);
        }
        if (frame instanceof Frame.ToScale scaled) {
            squares(scaled, place, sheet);
        }
        SvgPen pen = new SvgPen(sheet, place, habit);
        for (Mark mark : scene.marks()) {
            mark.draw(pen);
        }
        return sheet.whole(WIDTH, HEIGHT, scene.title().in(habit) + ", " + rig, says(scene, habit));
    }

    /** What a picture shows, for who does not see it: its subtitle and the table that stands below it on the screen. */
    static String says(Scene scene, Habit habit) {
        List<String> columns = scene.twin().columns();
        return scene.twin().rows().stream()
                .limit(MOST_ROWS)
                .map(row -> IntStream.range(0, Math.min(row.size(), columns.size()))
                        .mapToObj(i -> columns.get(i) + " " + row.get(i).in(habit))
                        .collect(Collectors.joining(", ")))
                .collect(Collectors.joining("; ", scene.subtitle().in(habit) + ". ", "."));
    }

    /** Where a scene's own coordinates lie on the sheet. */
    record Place(Scale x, Scale y, double left, double right, double top, double bottom) {
        double x(Point at) {
            return x.of(at.x());
        }

        double y(Point at) {
            return y.of(at.y());
        }
    }

    /** A linear or logarithmic map. */
    record Scale(double low, double high, double from, double to, boolean logarithmic) {
        double of(double value) {
            return from + (at(value) - at(low)) / (at(high) - at(low)) * (to - from);
        }

        private double at(double value) {
            return logarithmic ? Math.log(value) : value;
        }
    }

    private static Place plot(Frame.Plot plot) {
        double left = plot.y().ticks().isEmpty() ? MARGIN : 74;
        double right = WIDTH - MARGIN;
        double top = HEAD + 20;
        double bottom = HEIGHT - 52;
        Axis x = plot.x();
        Axis y = plot.y();
        return new Place(
                new Scale(x.low(), x.high(), left, right, x.logarithmic()),
                new Scale(y.low(), y.high(), bottom, top, y.logarithmic()),
                left,
                right,
                top,
                bottom);
    }

    private static Place toScale(Frame.ToScale frame) {
        double wide = frame.high().x() - frame.low().x();
        double tall = frame.high().y() - frame.low().y();
        double unit = Math.min((WIDTH - 2 * MARGIN) / wide, (HEIGHT - HEAD - 40) / tall);
        double left = (WIDTH - wide * unit) / 2;
        double bottom = (HEIGHT + HEAD - 20 + tall * unit) / 2;
        return new Place(
                new Scale(frame.low().x(), frame.high().x(), left, left + wide * unit, false),
                new Scale(frame.low().y(), frame.high().y(), bottom, bottom - tall * unit, false),
                left,
                left + wide * unit,
                bottom - tall * unit,
                bottom);
    }

    private static void squares(Frame.ToScale frame, Place place, SvgSheet sheet) {
        double step = frame.squareM();
        for (double x = Math.ceil(frame.low().x() / step) * step;
                x <= frame.high().x();
                x += step) {
            sheet.line(place.x().of(x), place.top(), place.x().of(x), place.bottom(), SvgSheet.GRID);
        }
        for (double y = Math.ceil(frame.low().y() / step) * step;
                y <= frame.high().y();
                y += step) {
            sheet.line(place.left(), place.y().of(y), place.right(), place.y().of(y), SvgSheet.GRID);
        }
    }

    private static void axes(Frame.Plot plot, Place place, SvgSheet sheet, Habit habit) {
        for (double tick : plot.x().ticks()) {
            double x = place.x().of(tick);
            sheet.line(x, place.top(), x, place.bottom(), SvgSheet.GRID);
            sheet.text(x, place.bottom() + 18, "middle", 12.5, 400, SvgSheet.INK_2, label(plot.x(), tick, habit));
        }
        for (double tick : plot.y().ticks()) {
            double y = place.y().of(tick);
            sheet.line(place.left(), y, place.right(), y, SvgSheet.GRID);
            sheet.text(place.left() - 8, y + 4, "end", 12.5, 400, SvgSheet.INK_2, label(plot.y(), tick, habit));
        }
        sheet.line(place.left(), place.bottom(), place.right(), place.bottom(), SvgSheet.RULE);
        sheet.text(
                place.right(),
                place.bottom() + 38,
                "end",
                12.5,
                400,
                SvgSheet.INK_2,
                plot.x().label().in(habit));
        sheet.text(
                place.left(),
                place.top() - 8,
                "start",
                12.5,
                400,
                SvgSheet.INK_2,
                plot.y().label().in(habit));
    }

    private static String label(Axis axis, double tick, Habit habit) {
        return axis.unit() == Unit.COUNT
                ? String.valueOf(tick).replaceAll("\\.0$", "")
                : new Amount(tick, axis.unit()).in(habit);
    }
}
