package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.trip.Outlook;
import java.util.ArrayList;
import java.util.List;

/** Capacity of a battery over the seasons, with its band, against what the planned day wants. */
public final class FadingScene {

    private static final double HEAD = 1.08;
    private static final double FOOT = 0.9;

    /** Rows of the table are a year apart. */
    private static final double YEAR = 0.999;

    private FadingScene() {}

    /** @param lastYear of the last trip, as a number with its part: before it is seen, after it is looked ahead */
    public static Scene of(Outlook outlook, double lastYear) {
        List<Outlook.At> all = outlook.capacity();
        double from = all.get(0).year();
        double to = all.get(all.size() - 1).year();
        double needed = outlook.neededAh();
        double most = Math.max(needed, outlook.ratedAh());
        double least = needed > 0 ? needed : outlook.ratedAh();
        List<Point> seen = new ArrayList<>();
        List<Point> ahead = new ArrayList<>();
        List<Point> low = new ArrayList<>();
        List<Point> band = new ArrayList<>();
        for (Outlook.At each : all) {
            (each.year() <= lastYear ? seen : ahead).add(at(each.year(), each.ah()));
            band.add(at(each.year(), each.highAh()));
            low.add(0, at(each.year(), each.lowAh()));
            most = Math.max(most, each.highAh());
            least = Math.min(least, each.lowAh());
        }
        band.addAll(low);
        if (!seen.isEmpty()) {
            ahead.add(0, seen.get(seen.size() - 1));
        }
        double top = most * HEAD;
        double bottom = least * FOOT;
        Drawing drawing = new Drawing();
        drawing.curve(Role.BAND, band, true)
                .line(Role.CURVE, 1, seen)
                .line(Role.RESERVE, 1, ahead)
                .path(Role.QUIET, 1, at(lastYear, bottom), at(lastYear, top))
                .note(Role.QUIET, at(lastYear, bottom), Side.RIGHT, -0.5, " last trip")
                .path(Role.QUIET, 1, at(from, outlook.ratedAh()), at(to, outlook.ratedAh()))
                .note(
                        Role.QUIET,
                        at(to, outlook.ratedAh()),
                        Side.LEFT,
                        -0.4,
                        "by its label {} ",
                        new Amount(outlook.ratedAh(), Unit.AMPERE_HOUR));
        if (needed > 0) {
            drawing.path(Role.WANTED, 1, at(from, needed), at(to, needed))
                    .note(
                            Role.LABEL,
                            at(from, needed),
                            Side.RIGHT,
                            1.1,
                            " the day wants {}",
                            new Amount(needed, Unit.AMPERE_HOUR));
        }
        return new Scene(
                Text.of("Capacity over the seasons"),
                Text.of("line: by this log · dotted: looked ahead · shade: eight times in ten"),
                new Frame.Plot(
                        new Axis(Text.of("year"), Unit.COUNT, from, to, false, Ticks.linear(from, to, 6)),
                        new Axis(
                                Text.of("ampere-hours, warm"),
                                Unit.AMPERE_HOUR,
                                bottom,
                                top,
                                false,
                                Ticks.linear(bottom, top, 5))),
                drawing.marks(),
                new Twin(List.of("day", "capacity", "low", "high"), rows(all)));
    }

    private static List<List<Text>> rows(List<Outlook.At> all) {
        List<List<Text>> rows = new ArrayList<>();
        double told = Double.NEGATIVE_INFINITY;
        for (Outlook.At each : all) {
            if (each.year() - told > YEAR || each == all.get(all.size() - 1)) {
                told = each.year();
                rows.add(List.of(
                        Text.of("{}", each.day()),
                        Text.of(each.ah(), Unit.AMPERE_HOUR),
                        Text.of(each.lowAh(), Unit.AMPERE_HOUR),
                        Text.of(each.highAh(), Unit.AMPERE_HOUR)));
            }
        }
        return rows;
    }
}
