package app.brightkeel.server.files;

import app.brightkeel.core.picture.Pen;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.quantity.Habit;
import java.util.Locale;
import java.util.stream.Collectors;

/** Draws marks as SVG; what a mark stands for decides how it looks, as on the screen. */
final class SvgPen implements Pen {

    private static final double LINE_HEIGHT = 16;

    private final SvgSheet sheet;
    private final SvgPicture.Place place;
    private final Habit habit;

    SvgPen(SvgSheet sheet, SvgPicture.Place place, Habit habit) {
        this.sheet = sheet;
        this.place = place;
        this.habit = habit;
    }

    @Override
    public void path(Mark.Path path) {
        String data = path.points().stream()
                .map(p -> SvgSheet.number(place.x(p)) + " " + SvgSheet.number(place.y(p)))
                .collect(Collectors.joining("L", "M", path.closed() ? "Z" : ""));
        sheet.path(data, looks(path.role(), path.weight()));
    }

    private static String looks(Role role, double weight) {
        return switch (role) {
            case SURFACE -> stroke(SvgSheet.ACT, 1.8 * weight);
            case BOTTOM -> fill(SvgSheet.RULE);
            case BED -> stroke(SvgSheet.INK, 2 * weight);
            case ICE -> stroke(SvgSheet.FAINT, weight) + " " + fill(SvgSheet.BAND);
            case HULL -> stroke(SvgSheet.INK, 1.6 * weight) + " " + fill(SvgSheet.TRACK);
            case WATERLINE -> stroke(SvgSheet.INK_2, 1.4 * weight) + " stroke-dasharray=\"2 4\"";
            case BEAM -> stroke(SvgSheet.INK, 1.4 * weight) + " " + over(SvgSheet.BEAM, 0.13);
            case GHOST -> stroke(SvgSheet.FAINT, 1.2 * weight) + " stroke-dasharray=\"5 4\"";
            case HIDDEN -> over(SvgSheet.HIDDEN, 0.22);
            case TARGET -> fill(SvgSheet.ACT);
            case HISTOGRAM -> fill(SvgSheet.BAND) + " " + stroke(SvgSheet.INK_2, 0.8 * weight);
            case FACE -> fill(SvgSheet.INK);
            case OBSTRUCTION -> stroke(SvgSheet.INK, 1.4 * weight) + " " + fill(SvgSheet.FAINT);
            case PASSAGE -> stroke(SvgSheet.FAINT, 0.8 * weight);
            case RUN -> stroke(SvgSheet.INK, 3.2 * weight);
            case PART -> stroke(SvgSheet.INK, 1.6 * weight) + " " + fill(SvgSheet.SHEET);
            case MASS -> stroke(SvgSheet.ACT, 1.6 * weight) + " " + fill(SvgSheet.ACT_SOFT);
            case CONDUCTOR -> stroke(SvgSheet.INK, weight);
            case CURVE -> stroke(SvgSheet.INK, 2.4 * weight);
            case BAND -> fill(SvgSheet.BAND);
            case LIMIT -> stroke(SvgSheet.FAILS, 1.4 * weight) + " stroke-dasharray=\"7 5\"";
            case RESERVE -> stroke(SvgSheet.INK_2, 1.6 * weight) + " stroke-dasharray=\"2 4\"";
            case WANTED -> stroke(SvgSheet.INK, 1.6 * weight);
            case MISSING -> stroke(SvgSheet.FAILS, 1.4 * weight) + " stroke-dasharray=\"2 5\"";
            case QUIET -> stroke(SvgSheet.FAINT, weight);
            case PHASE -> stroke(SvgSheet.RULE, weight) + " " + fill(SvgSheet.ACT_SOFT);
            case SHARE -> stroke(SvgSheet.INK, 1.4 * weight) + " " + fill(SvgSheet.ACT_SOFT);
            default -> stroke(SvgSheet.INK, 1.4 * weight);
        };
    }

    private static String stroke(String colour, double width) {
        return String.format(
                Locale.ROOT, "stroke=\"%s\" stroke-width=\"%.2f\" stroke-linejoin=\"round\"", colour, width);
    }

    private static String fill(String colour) {
        return "fill=\"" + colour + "\"";
    }

    /** What lies below shines through. */
    private static String over(String colour, double opacity) {
        return fill(colour) + String.format(Locale.ROOT, " fill-opacity=\"%.2f\"", opacity);
    }

    @Override
    public void note(Mark.Note note) {
        String colour = note.role() == Role.MISSING
                ? SvgSheet.FAILS
                : note.role() == Role.QUIET ? SvgSheet.INK_2 : SvgSheet.INK;
        String anchor = note.side() == Side.MIDDLE ? "middle" : note.side() == Side.LEFT ? "end" : "start";
        sheet.text(
                place.x(note.at()),
                place.y(note.at()) + note.lines() * LINE_HEIGHT,
                anchor,
                note.role() == Role.QUIET ? 12.5 : 13,
                note.role() == Role.MISSING ? 650 : 400,
                colour,
                note.text().in(habit));
    }

    @Override
    public void span(Mark.Span span) {
        String colour = span.role() == Role.MISSING ? SvgSheet.FAILS : SvgSheet.INK_2;
        double x0 = place.x(span.from());
        double x1 = place.x(span.to());
        double y = place.y(span.from());
        String data = "M%1$s %3$sH%2$sM%1$s %3$sl7 -4m-7 4l7 4M%2$s %3$sl-7 -4m7 4l-7 4"
                .formatted(SvgSheet.number(x0), SvgSheet.number(x1), SvgSheet.number(y));
        sheet.path(data, stroke(colour, 1.3));
        boolean narrow = x1 - x0 < 110;
        sheet.onLine(
                narrow ? x1 + 8 : (x0 + x1) / 2,
                y + 4.5,
                narrow ? "start" : "middle",
                13.5,
                650,
                colour,
                span.text().in(habit));
    }

    @Override
    public void spot(Mark.Spot spot) {
        String at = "transform=\"translate(%s %s)\" "
                .formatted(SvgSheet.number(place.x(spot.at())), SvgSheet.number(place.y(spot.at())));
        String ink = at + fill(SvgSheet.SHEET) + " " + stroke(SvgSheet.INK, 2);
        switch (spot.role()) {
            case PACK ->
                sheet.path(
                        "M-46 -16h40v32h-40zM-38 -16v-5h7v5M-21 -16v-5h7v5M-6 0h6",
                        at + fill(SvgSheet.ACT_SOFT) + " " + stroke(SvgSheet.ACT, 2));
            case DEVICE -> sheet.path("M-28 -20h56v34h-56zM0 14v8M-10 22h20", ink);
            case DEVICE_STARVED ->
                sheet.path(
                        "M-28 -20h56v34h-56zM0 14v8M-10 22h20M-10 -11l20 16M10 -11l-20 16",
                        at + fill(SvgSheet.SHEET) + " " + stroke(SvgSheet.FAILS, 2));
            case FACE -> sheet.path("M-6 -5h12l-3 10h-6z", at + fill(SvgSheet.INK));
            case PART -> sheet.path("M-9 -6h18v12h-18z", ink);
            case CENTRE -> {
                sheet.path(
                        "M6 0a6 6 0 1 1 -12 0a6 6 0 1 1 12 0z",
                        at + fill(SvgSheet.SHEET) + " " + stroke(SvgSheet.INK, 1.4));
                sheet.path("M-9 0h18M0 -9v18", at + stroke(SvgSheet.INK, 1.4));
            }
            case FUSE -> {
                sheet.path("M-6 -7h12a7 7 0 0 1 0 14h-12a7 7 0 0 1 0 -14z", ink);
                sheet.path("M-8 0c4 -6 6 6 8 0s4 -6 8 0", at + stroke(SvgSheet.INK, 1.4));
            }
            case SWITCH -> sheet.path("M-8 0a8 8 0 1 0 16 0a8 8 0 1 0 -16 0M-4 3l7 -7", ink);
            case JOINT -> sheet.path("M-8 -6h7v12h-7zM1 -6h7v12h-7z", ink);
            case GHOST ->
                sheet.path(
                        "M-4.5 0a4.5 4.5 0 1 0 9 0a4.5 4.5 0 1 0 -9 0",
                        at + fill(SvgSheet.SHEET) + " " + stroke(SvgSheet.FAINT, 1.6));
            case MASS -> sheet.path("M-10 0a10 10 0 1 0 20 0a10 10 0 1 0 -20 0", at + stroke(SvgSheet.ACT, 1.8));
            case JUNCTION -> sheet.path("M-5 0a5 5 0 1 0 10 0a5 5 0 1 0 -10 0", at + fill(SvgSheet.INK));
            default -> sheet.path("M-5.5 0a5.5 5.5 0 1 0 11 0a5.5 5.5 0 1 0 -11 0", ink);
        }
    }
}
