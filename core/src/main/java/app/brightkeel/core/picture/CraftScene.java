package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.craft.Face;
import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.mount.Clearance;
import app.brightkeel.core.mount.Clearances;
import app.brightkeel.core.mount.MountStage;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reach.Area;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Station;
import java.util.ArrayList;
import java.util.List;

/** The craft in plan and profile, with places and obstructions to drag, and what each face sees all round. */
final class CraftScene {

    /** How far out the sectors are drawn, as a share of half the greatest width. */
    private static final double SECTOR = 1.2;

    private static final double DOT_M = 0.02;
    private static final double HALF_BODY_M = 0.05;

    /** Beyond bow, stern and sides a place can be dragged by so much [m]. */
    private static final double BEYOND_M = 0.6;

    private static final double LEAST_LENGTH_M = 0.3;
    private static final double LEAST_WIDTH_M = 0.2;
    private static final double LEAST_DEPTH_M = 0.05;

    private final Line line;
    private final Craft craft;
    private final Outline outline;
    private final CraftDrawing on;
    private final List<Clearance> clearances;
    private final Drawing drawing = new Drawing();

    private CraftScene(Line line, Outline outline) {
        this.line = line;
        this.outline = outline;
        craft = line.rig().craft();
        on = new CraftDrawing(craft, outline);
        clearances = line.get(MountStage.STAGE).map(Clearances::all).orElse(List.of());
    }

    static Outcome<Scene> of(Line line) {
        return Outline.of(line.rig().craft()).map(outline -> new CraftScene(line, outline).scene());
    }

    private Scene scene() {
        on.hull(drawing);
        if (!craft.kind().onIce()) {
            clearances.forEach(clearance -> SectorDrawing.draw(drawing, on, clearance, SECTOR * outline.halfM()));
        }
        for (int o = 0; o < craft.obstructions().size(); o++) {
            obstruction(craft.obstructions().get(o), "/craft/obstructions/" + o + "/");
        }
        for (int k = 0; k < craft.kept().size(); k++) {
            room(craft.kept().get(k), "/craft/kept/" + k + "/");
        }
        waterline();
        clearances.forEach(this::face);
        for (int s = 0; s < craft.stations().size(); s++) {
            station(s);
        }
        measures();
        return new Scene(
                Text.of("The craft, its places and views all round"),
                Text.of("{} · drag a place or an end in colour, or move it with the arrow keys", on.views()),
                on.frame(),
                drawing.marks(),
                new Twin(List.of("what", craft.kind().front(), "right of the middle", "is"), rows()));
    }

    private void station(int index) {
        Station station = craft.stations().get(index);
        if (!station.placed()) {
            return;
        }
        Point place = on.plan(station);
        boolean used = used(station.id());
        drawing.circle(used ? Role.FACE : Role.PART, place, DOT_M);
        if (used) {
            drawing.note(
                    Role.LABEL, place, Side.MIDDLE, station.sideM().value() >= 0 ? -0.8 : 1.5, "{}", station.name());
        }
        drag(Pointer.station(index, "fromBowM"), Pointer.station(index, "sideM"), place, station.name());
    }

    /** Length at the stern, width amidships, and on profile the depth: dragged by their ends. */
    private void measures() {
        double length = outline.lengthM();
        Point origin = on.origin();
        Point stern = on.plan(length, 0);
        Point edge = on.plan(length / 2, outline.halfM());
        drawing.circle(Role.MASS, stern, DOT_M).circle(Role.MASS, edge, DOT_M);
        drawing.drag(
                "/craft/lengthM",
                "",
                stern,
                origin,
                1,
                at(LEAST_LENGTH_M, stern.y()),
                at(length + BEYOND_M, stern.y()),
                "length of the craft");
        drawing.drag(
                "",
                "/craft/beamM",
                edge,
                origin,
                2,
                at(edge.x(), origin.y() + LEAST_WIDTH_M / 2),
                at(edge.x(), edge.y() + BEYOND_M / 2),
                "width of the craft");
        if (!craft.kind().onIce()) {
            Point deck = on.side(length / 2, 0, outline.depthM());
            drawing.circle(Role.MASS, deck, DOT_M);
            drawing.drag(
                    "",
                    "/craft/depthM",
                    deck,
                    on.side(0, 0, 0),
                    1,
                    at(deck.x(), LEAST_DEPTH_M),
                    at(deck.x(), outline.depthM() + BEYOND_M / 2),
                    "depth of the craft");
        }
    }

    private boolean used(String station) {
        return line.rig().transducers().stream()
                .anyMatch(t -> t.mount().station().equals(station));
    }

    private void drag(String xPointer, String yPointer, Point place, String name) {
        Point origin = on.origin();
        double half = outline.halfM() + BEYOND_M;
        drawing.drag(
                xPointer,
                yPointer,
                place,
                origin,
                1,
                at(-BEYOND_M, origin.y() - half),
                at(outline.lengthM() + BEYOND_M, origin.y() + half),
                name);
    }

    private void obstruction(Obstruction it, String pointer) {
        if (!it.fromBowM().isSet()
                || !it.sideM().isSet()
                || !it.belowM().isSet()
                || !it.halfWidthM().isSet()) {
            return;
        }
        double x = it.fromBowM().value();
        double half = it.halfWidthM().value();
        Point place = on.plan(x, it.sideM().value());
        drawing.circle(Role.OBSTRUCTION, place, half).note(Role.QUIET, place, Side.MIDDLE, 1.6, "{}", it.name());
        Point top = on.side(x - half, 0, 0);
        Point foot = on.side(x + half, 0, -it.belowM().value());
        drawing.box(Role.OBSTRUCTION, top.x(), top.y(), foot.x(), foot.y());
        drag(pointer + "fromBowM", pointer + "sideM", place, it.name());
    }

    /** A well, a drink holder, where the seat folds: in plan, dragged by its middle. */
    private void room(KeptRoom room, String pointer) {
        if (!room.measured()) {
            return;
        }
        Area area = Area.of(room);
        double x = room.fromBowM().value();
        Point one = on.plan(area.foreM(), area.leftM());
        Point other = on.plan(area.aftM(), area.rightM());
        Point middle = on.plan(x, room.sideM().value());
        drawing.box(Role.GHOST, one.x(), one.y(), other.x(), other.y())
                .note(Role.QUIET, on.plan(x, area.leftM()), Side.MIDDLE, 1, "{}", room.name());
        drag(pointer + "fromBowM", pointer + "sideM", middle, room.name());
    }

    /** The face in profile, with how it meets the beach. */
    private void face(Clearance clearance) {
        if (craft.kind().onIce()) {
            return;
        }
        Face face = clearance.held().face();
        Point side = on.side(face.xM(), face.yM(), face.zM());
        drawing.box(Role.FACE, side.x() - HALF_BODY_M, side.y(), side.x() + HALF_BODY_M, side.y() + DOT_M);
        boolean fore = face.xM() < outline.lengthM() / 2;
        double edge = fore ? HALF_BODY_M : -HALF_BODY_M;
        drawing.note(
                Role.QUIET,
                at(side.x() + edge, side.y()),
                fore ? Side.RIGHT : Side.LEFT,
                1.2,
                clearance.held().proudM() > 0 ? "{} stands {} proud of the hull" : "{} lies {} inside the hull",
                clearance.held().name(),
                new Amount(Math.abs(clearance.held().proudM()), Unit.MILLIMETRE));
    }

    private void waterline() {
        Outcome<Afloat> afloat = line.get(FloatStage.STAGE);
        if (!craft.kind().onIce() && afloat.isKnown()) {
            Afloat it = afloat.value();
            drawing.path(
                    Role.WATERLINE, 1, at(0, it.waterM(0, 0)), at(outline.lengthM(), it.waterM(outline.lengthM(), 0)));
        }
    }

    private List<List<Text>> rows() {
        List<List<Text>> rows = new ArrayList<>();
        for (Station station : craft.stations()) {
            if (station.placed()) {
                rows.add(row(
                        station.name(),
                        station.fromBowM().value(),
                        station.sideM().value(),
                        Text.of("{}", station.spot().words())));
            }
        }
        for (KeptRoom room : craft.kept()) {
            if (room.measured()) {
                rows.add(row(
                        room.name(),
                        room.fromBowM().value(),
                        room.sideM().value(),
                        Text.of("{}", room.use().words())));
            }
        }
        for (Clearance clearance : clearances) {
            Face face = clearance.held().face();
            rows.add(row(
                    clearance.held().name(),
                    face.xM(),
                    face.yM(),
                    SectorDrawing.looksAside(clearance)
                            ? Text.of(
                                    "clear over {} all round",
                                    new Amount(SectorDrawing.clearDeg(clearance), Unit.DEGREE))
                            : Text.of("looks down")));
        }
        return rows;
    }

    private static List<Text> row(String what, double xM, double yM, Text is) {
        return List.of(Text.of("{}", what), Text.of(xM, Unit.METRE), Text.of(yM, Unit.METRE), is);
    }
}
