package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.enclosure.Box;
import app.brightkeel.core.enclosure.Fit;
import app.brightkeel.core.enclosure.FitStage;
import app.brightkeel.core.enclosure.Foam;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Exit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What is in a box, cut fore and aft and seen from above: walls, foam, what the lid takes, exits. */
final class BoxScene {

    private static final double ROOM = 0.12;
    private static final double GAP = 0.35;
    private static final double LINE = 0.08;

    private final Fit fit;
    private final Optional<Enclosure> box;
    private final Box outside;
    private final double wallM;
    private final Drawing drawing = new Drawing();

    private BoxScene(Fit fit, Optional<Enclosure> box) {
        this.fit = fit;
        this.box = box;
        wallM = box.map(b -> b.wallM().value() + b.clearM().value()).orElse(0.0);
        double lid = box.map(b -> b.lidM().value()).orElse(0.0);
        outside = new Box(
                fit.room().deepM() + 2 * wallM,
                fit.room().wideM() + 2 * wallM,
                fit.room().tallM() + 2 * wallM + lid);
    }

    /** One for each place with walls that has something in it. */
    static List<Outcome<Scene>> all(Line line) {
        List<Outcome<Scene>> all = new ArrayList<>();
        for (Fit fit : line.get(FitStage.STAGE).map(fits -> fits.all()).orElse(List.of())) {
            all.add(Outcome.known(new BoxScene(fit, line.rig().fitOut().boxAt(fit.station())).scene()));
        }
        return all;
    }

    private Scene scene() {
        double across = outside.deepM() * (1 + GAP) + outside.deepM();
        double planX = outside.deepM() * (1 + GAP);
        double tall = Math.max(outside.tallM(), outside.wideM());
        double room = ROOM * across;
        side();
        plan(planX);
        double gap = fit.leastGapM();
        return new Scene(
                Text.of(box.isPresent() ? "In the {}" : "Room: {}", fit.place()),
                gap < 0
                        ? Text.of(
                                fit.several()
                                        ? "{} take {} too much, however they are arranged"
                                        : "{} is {} too large, whichever way it is turned",
                                fit.name(),
                                new Amount(-gap, Unit.MILLIMETRE))
                        : Text.of(
                                "{}, cut fore and aft, and from above · least gap {}",
                                fit.name(),
                                new Amount(gap, Unit.MILLIMETRE)),
                Frame.ToScale.of(at(-room, -room - legend()), at(across + room, tall + room)),
                drawing.marks(),
                new Twin(List.of("what", "fore and aft", "athwart", "upright"), rows()));
    }

    /** Room below for the names of several things. */
    private double legend() {
        return fit.several() ? LINE * outside.deepM() * fit.pieces().size() : 0;
    }

    private void side() {
        walls(0, outside.deepM(), outside.tallM());
        foam(wallM, wallM, fit.room().deepM(), fit.room().tallM());
        double x = wallM + Math.max(0, fit.deepGapM()) / 2;
        boolean sticksOut = fit.tallGapM() < 0 || fit.deepGapM() < 0;
        for (Fit.Piece piece : fit.pieces()) {
            body(
                    piece,
                    at(x + piece.corner().deepM(), wallM + piece.corner().tallM()),
                    piece.turned().deepM(),
                    piece.turned().tallM(),
                    sticksOut);
        }
        drawing.note(Role.QUIET, at(outside.deepM() / 2, 0), Side.MIDDLE, 1.4, "cut fore and aft");
        if (fit.several()) {
            for (Fit.Piece piece : fit.pieces()) {
                drawing.note(
                        Role.LABEL,
                        at(0, 0),
                        Side.RIGHT,
                        1.6 + 1.2 * number(piece),
                        "{} {}",
                        number(piece),
                        piece.name());
            }
        }
        box.ifPresent(b -> {
            if (b.lidM().value() > 0) {
                double top = outside.tallM() - wallM;
                drawing.box(Role.HIDDEN, wallM, top - b.lidM().value(), outside.deepM() - wallM, top)
                        .note(
                                Role.QUIET,
                                at(outside.deepM() / 2, outside.tallM()),
                                Side.MIDDLE,
                                -0.5,
                                "{} under the lid",
                                new Amount(b.lidM().value(), Unit.MILLIMETRE));
            }
            b.exits().forEach(this::exit);
        });
    }

    private void exit(Exit exit) {
        boolean shown = exit.heightM().isSet() && (exit.wall() == BaseEdge.FRONT || exit.wall() == BaseEdge.BACK);
        if (shown) {
            double x = exit.wall() == BaseEdge.FRONT ? 0 : outside.deepM();
            drawing.spot(Role.JOINT, at(x, wallM + exit.heightM().value()));
        }
    }

    private void plan(double x0) {
        walls(x0, outside.deepM(), outside.wideM());
        foam(x0 + wallM, wallM, fit.room().deepM(), fit.room().wideM());
        double x = x0 + wallM + Math.max(0, fit.deepGapM()) / 2;
        double y = wallM + Math.max(0, fit.wideGapM()) / 2;
        boolean sticksOut = fit.wideGapM() < 0 || fit.deepGapM() < 0;
        fit.pieces().stream()
                .sorted(Comparator.comparingDouble(piece -> piece.corner().tallM()))
                .forEach(piece -> body(
                        piece,
                        at(x + piece.corner().deepM(), y + piece.corner().wideM()),
                        piece.turned().deepM(),
                        piece.turned().wideM(),
                        sticksOut));
        drawing.note(Role.QUIET, at(x0 + outside.deepM() / 2, 0), Side.MIDDLE, 1.4, "from above");
    }

    private void walls(double x, double longM, double highM) {
        drawing.box(Role.HULL, x, 0, x + longM, highM);
    }

    /** What is left of the room is foam. */
    private void foam(double x, double y, double longM, double highM) {
        if (fit.leastGapM() >= Fit.FOAM_FROM_M) {
            drawing.box(Role.BAND, x, y, x + longM, y + highM);
        } else {
            drawing.box(Role.PART, x, y, x + longM, y + highM);
        }
    }

    private void body(Fit.Piece piece, Point corner, double longM, double highM, boolean sticksOut) {
        Point middle = at(corner.x() + longM / 2, corner.y() + highM / 2);
        Role role = sticksOut ? Role.MISSING : Role.LABEL;
        drawing.box(Role.MASS, corner.x(), corner.y(), corner.x() + longM, corner.y() + highM);
        if (!fit.several()) {
            drawing.note(
                    role,
                    middle,
                    Side.MIDDLE,
                    0.3,
                    "{} × {}",
                    new Amount(longM, Unit.MILLIMETRE),
                    new Amount(highM, Unit.MILLIMETRE));
        } else {
            drawing.note(role, middle, Side.MIDDLE, 0.3, "{}", number(piece));
        }
    }

    private int number(Fit.Piece piece) {
        return fit.pieces().indexOf(piece) + 1;
    }

    private List<List<Text>> rows() {
        List<List<Text>> rows = new ArrayList<>();
        rows.add(row(
                Text.of("room"),
                fit.room().deepM(),
                fit.room().wideM(),
                fit.room().tallM()));
        for (Fit.Piece piece : fit.pieces()) {
            Box turned = piece.turned();
            rows.add(row(
                    Text.of("{} {} with its plugs", number(piece), piece.name()),
                    turned.deepM(),
                    turned.wideM(),
                    turned.tallM()));
            if (fit.several()) {
                rows.add(row(
                        Text.of("its corner from fore, left, floor"),
                        piece.corner().deepM() + Math.max(0, fit.deepGapM()) / 2,
                        piece.corner().wideM() + Math.max(0, fit.wideGapM()) / 2,
                        piece.corner().tallM()));
            }
        }
        rows.add(row(Text.of("gap"), fit.deepGapM(), fit.wideGapM(), fit.tallGapM()));
        for (Foam foam : Foam.round(fit)) {
            rows.add(row(
                    Text.of("foam {}, {} ×", foam.where(), foam.pieces()), foam.longM(), foam.wideM(), foam.thickM()));
        }
        return rows;
    }

    private static List<Text> row(Text what, double deepM, double wideM, double tallM) {
        return List.of(
                what,
                Text.of(deepM, Unit.MILLIMETRE),
                Text.of(wideM, Unit.MILLIMETRE),
                Text.of(tallM, Unit.MILLIMETRE));
    }
}
