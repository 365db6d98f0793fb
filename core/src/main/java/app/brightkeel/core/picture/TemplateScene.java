package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.enclosure.Box;
import app.brightkeel.core.enclosure.Fit;
import app.brightkeel.core.enclosure.FitStage;
import app.brightkeel.core.enclosure.Foam;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.route.Hole;
import app.brightkeel.core.route.HoleStage;
import java.util.ArrayList;
import java.util.List;

/** Sheets to be laid on the part itself: holes to drill with their centres, pieces of foam; each with a bar to check by. */
public final class TemplateScene {

    private static final double BAR_M = 0.050;
    private static final double BAR_US_M = 2 * 0.0254;

    /** So wide that two of them go on A4 and on Letter with what a printer leaves white. */
    private static final double CELL_WIDE_M = 0.085;

    private static final double CELL_TALL_M = 0.070;
    private static final int COLUMNS = 2;
    private static final int ROWS = 3;
    private static final double MARGIN_M = 0.010;

    /** The cross of a centre goes out over the circle by so much [m]. */
    private static final double CROSS_M = 0.008;

    private static final double FOOT_M = 0.016;

    /** A larger hole does not go into a cell with its words and gets a sheet of its own [m]. */
    private static final double LARGEST_IN_CELL_M = 0.040;

    /** Words below a hole take so much, and are so long [m]. */
    private static final double WORDS_TALL_M = 0.016;

    private static final double WORDS_WIDE_M = 0.110;

    /** The bar with its words beside it [m]. */
    private static final double BAR_WORDS_M = 0.100;

    private static final List<String> COLUMNS_OF_HOLES = List.of("number", "hole", "drill", "what closes it wants");

    private final Habit habit;

    private TemplateScene(Habit habit) {
        this.habit = habit;
    }

    /** A bar of this length stands on each sheet: who lays a rule on it sees whether the printer shrank it [m]. */
    public static double barM(Habit habit) {
        return habit == Habit.US ? BAR_US_M : BAR_M;
    }

    /** All sheets of a rig; none where nothing is drilled and nothing filled with foam. */
    public static List<Scene> all(Line line, Habit habit) {
        return new TemplateScene(habit).sheets(line);
    }

    private List<Scene> sheets(Line line) {
        List<Scene> all = new ArrayList<>();
        List<Hole> holes = line.get(HoleStage.STAGE).orElse(List.of()).stream()
                .filter(TemplateScene::drilled)
                .toList();
        List<Hole> small = holes.stream()
                .filter(hole -> hole.drillM() <= LARGEST_IN_CELL_M)
                .toList();
        for (int first = 0; first < small.size(); first += COLUMNS * ROWS) {
            all.add(drilling(small.subList(first, Math.min(small.size(), first + COLUMNS * ROWS))));
        }
        holes.stream().filter(hole -> hole.drillM() > LARGEST_IN_CELL_M).forEach(hole -> all.add(large(hole)));
        line.get(FitStage.STAGE).map(fits -> fits.all()).orElse(List.of()).forEach(fit -> foam(all, fit));
        return all;
    }

    private static boolean drilled(Hole hole) {
        return hole.drillM() > 0 && !hole.there();
    }

    private Scene drilling(List<Hole> holes) {
        Drawing drawing = new Drawing();
        List<List<Text>> rows = new ArrayList<>();
        int tall = (holes.size() + COLUMNS - 1) / COLUMNS;
        for (int i = 0; i < holes.size(); i++) {
            Hole hole = holes.get(i);
            double x = MARGIN_M + (i % COLUMNS + 0.5) * CELL_WIDE_M;
            double y = FOOT_M + (tall - i / COLUMNS - 0.5) * CELL_TALL_M;
            hole(drawing, hole, at(x, y));
            rows.add(row(hole));
        }
        return sheet(
                "Holes to drill",
                drawing,
                2 * MARGIN_M + COLUMNS * CELL_WIDE_M,
                FOOT_M + tall * CELL_TALL_M,
                new Twin(COLUMNS_OF_HOLES, rows));
    }

    private Scene large(Hole hole) {
        Drawing drawing = new Drawing();
        double across = hole.drillM() + 2 * CROSS_M;
        double wide = Math.max(across, WORDS_WIDE_M) + 2 * MARGIN_M;
        hole(drawing, hole, at(wide / 2, FOOT_M + WORDS_TALL_M + across / 2));
        return sheet(
                "Holes to drill",
                drawing,
                wide,
                FOOT_M + WORDS_TALL_M + across + MARGIN_M,
                new Twin(COLUMNS_OF_HOLES, List.of(row(hole))));
    }

    private static List<Text> row(Hole hole) {
        return List.of(
                Text.of("{}", hole.number()),
                Text.of("{}", hole.name()),
                Text.of(hole.drillM(), Unit.FINE_MILLIMETRE),
                wants(hole));
    }

    private static void hole(Drawing drawing, Hole hole, Point middle) {
        double radius = hole.drillM() / 2;
        double cross = radius + CROSS_M;
        drawing.circle(Role.WANTED, middle, radius)
                .path(Role.QUIET, 0.5, at(middle.x() - cross, middle.y()), at(middle.x() + cross, middle.y()))
                .path(Role.QUIET, 0.5, at(middle.x(), middle.y() - cross), at(middle.x(), middle.y() + cross))
                .note(
                        Role.LABEL,
                        at(middle.x(), middle.y() - cross),
                        Side.MIDDLE,
                        1,
                        "{}: {}",
                        hole.number(),
                        new Amount(hole.drillM(), Unit.FINE_MILLIMETRE))
                .note(Role.QUIET, at(middle.x(), middle.y() - cross), Side.MIDDLE, 2, "{}", hole.name());
        if (hole.otherThanWanted()) {
            drawing.note(
                    Role.MISSING, at(middle.x(), middle.y() - cross), Side.MIDDLE, 3, "as entered: {}", wants(hole));
        }
    }

    /** What closes it, with its hole. */
    private static Text wants(Hole hole) {
        Amount wants = new Amount(hole.wantsM(), Unit.FINE_MILLIMETRE);
        return hole.closedBy().bought()
                ? Text.of("{} wants {}", hole.closedBy().words(), wants)
                : Text.of("what passes wants {}", wants);
    }

    private void foam(List<Scene> all, Fit fit) {
        List<Foam> pieces = Foam.round(fit);
        if (pieces.isEmpty()) {
            return;
        }
        all.add(floor(fit));
        for (Foam foam : pieces) {
            Drawing drawing = new Drawing();
            rectangle(drawing, MARGIN_M, FOOT_M, foam.longM(), foam.wideM());
            drawing.note(
                    Role.LABEL,
                    at(MARGIN_M + foam.longM() / 2, FOOT_M + foam.wideM() / 2),
                    Side.MIDDLE,
                    0,
                    "{} × {}, {} thick",
                    foam.pieces(),
                    foam.where(),
                    new Amount(foam.thickM(), Unit.MILLIMETRE));
            all.add(sheet(
                    "Foam " + foam.where() + ", " + fit.place(),
                    drawing,
                    Math.max(foam.longM(), BAR_WORDS_M) + 2 * MARGIN_M,
                    FOOT_M + foam.wideM() + MARGIN_M,
                    twin(foam)));
        }
    }

    private static Twin twin(Foam foam) {
        return new Twin(
                List.of("piece", "long", "wide", "thick", "pieces"),
                List.of(List.of(
                        Text.of("{}", foam.where()),
                        Text.of(foam.longM(), Unit.MILLIMETRE),
                        Text.of(foam.wideM(), Unit.MILLIMETRE),
                        Text.of(foam.thickM(), Unit.MILLIMETRE),
                        Text.of("{}", foam.pieces()))));
    }

    /** The floor of the room with what stands on it: a plate to cut it out of. */
    private Scene floor(Fit fit) {
        Drawing drawing = new Drawing();
        double deep = fit.room().deepM();
        double wide = fit.room().wideM();
        rectangle(drawing, MARGIN_M, FOOT_M, deep, wide);
        List<List<Text>> rows = new ArrayList<>();
        rows.add(List.of(Text.of("room"), Text.of(deep, Unit.MILLIMETRE), Text.of(wide, Unit.MILLIMETRE)));
        for (Fit.Piece piece : fit.pieces()) {
            if (piece.corner().tallM() == 0) {
                cutOut(drawing, fit, piece);
                rows.add(List.of(
                        Text.of("cut out for the {}", piece.name()),
                        Text.of(piece.turned().deepM(), Unit.MILLIMETRE),
                        Text.of(piece.turned().wideM(), Unit.MILLIMETRE)));
            }
        }
        return sheet(
                "Foam plate round what stands on the floor, " + fit.place(),
                drawing,
                Math.max(deep, BAR_WORDS_M) + 2 * MARGIN_M,
                FOOT_M + wide + MARGIN_M,
                new Twin(List.of("what", "fore and aft", "athwart"), rows));
    }

    private static void cutOut(Drawing drawing, Fit fit, Fit.Piece piece) {
        double x = MARGIN_M + fit.deepGapM() / 2 + piece.corner().deepM();
        double y = FOOT_M + fit.wideGapM() / 2 + piece.corner().wideM();
        Box thing = piece.turned();
        rectangle(drawing, x, y, thing.deepM(), thing.wideM());
        drawing.note(Role.LABEL, at(x + thing.deepM() / 2, y + thing.wideM() / 2), Side.MIDDLE, 0, "{}", piece.name());
    }

    private static void rectangle(Drawing drawing, double x, double y, double longM, double wideM) {
        drawing.path(Role.WANTED, 1, at(x, y), at(x + longM, y), at(x + longM, y + wideM), at(x, y + wideM), at(x, y));
    }

    private Scene sheet(String title, Drawing drawing, double wideM, double tallM, Twin twin) {
        double y = FOOT_M / 2;
        double barM = barM(habit);
        drawing.path(Role.WANTED, 1, at(MARGIN_M, y), at(MARGIN_M + barM, y))
                .path(Role.WANTED, 1, at(MARGIN_M, y - 0.002), at(MARGIN_M, y + 0.002))
                .path(Role.WANTED, 1, at(MARGIN_M + barM, y - 0.002), at(MARGIN_M + barM, y + 0.002))
                .note(
                        Role.QUIET,
                        at(MARGIN_M + barM, y),
                        Side.RIGHT,
                        0.3,
                        "  {}: check it with a rule",
                        new Amount(barM, Unit.MILLIMETRE));
        return new Scene(
                Text.of("{}", title),
                Text.of("Full size: print at 100 %"),
                new Frame.ToScale(at(0, 0), at(wideM, tallM), MARGIN_M),
                drawing.marks(),
                twin);
    }
}
