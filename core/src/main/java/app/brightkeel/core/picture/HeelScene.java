package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.craft.Aboard;
import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.craft.Face;
import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.craft.MassAt;
import app.brightkeel.core.craft.Outline;
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
import java.util.ArrayList;
import java.util.List;

/** The craft cut amidships as it floats: leaning on a level water, with what leans it and where it turns. */
final class HeelScene {

    private static final int PIECES = 40;

    /** Radius of one kilogram [m], as in the balance plan. */
    private static final double RADIUS_OF_KG = 0.03;

    /** Of weights that are not the rig's own: nobody moves these for the balance. */
    private static final double ROOM_M = 0.12;

    private final Line line;
    private final Afloat afloat;
    private final Outline outline;
    private final Drawing drawing = new Drawing();
    private final double cos;
    private final double sin;

    private HeelScene(Line line, Afloat afloat, Outline outline) {
        this.line = line;
        this.afloat = afloat;
        this.outline = outline;
        cos = Math.cos(afloat.heelRad());
        sin = Math.sin(afloat.heelRad());
    }

    /** Of a craft that floats; on the ice there is none. */
    static Outcome<Scene> of(Line line) {
        return Outcome.both(
                line.get(FloatStage.STAGE),
                Outline.of(line.rig().craft()),
                (afloat, outline) -> new HeelScene(line, afloat, outline).scene());
    }

    /** A place of the hull's own frame, seen from behind with the water level. */
    private Point seen(double yM, double zM) {
        double z = zM - afloat.waterM();
        return at(yM * cos + z * sin, z * cos - yM * sin);
    }

    private Scene scene() {
        double half = outline.halfM() + ROOM_M;
        hull();
        drawing.path(Role.WATERLINE, 1.2, at(-half, 0), at(half, 0));
        double mast = Math.max(afloat.kbM() + afloat.bmM(), outline.depthM()) + ROOM_M;
        drawing.path(Role.QUIET, 1, seen(0, 0), seen(0, mast));
        for (MassAt thing : Aboard.rigOnly(line.rig()).masses()) {
            drawing.circle(Role.MASS, seen(thing.yM(), thing.zM()), RADIUS_OF_KG * Math.sqrt(thing.kg()));
        }
        centres();
        faces();
        return new Scene(
                Text.of("How it leans"),
                afloat.steady()
                        ? Text.of(
                                "amidships, seen from behind · {} to the {}, drawn to scale",
                                new Amount(Math.abs(Math.toDegrees(afloat.heelRad())), Unit.DEGREE),
                                afloat.heelRad() < 0 ? "left" : "right")
                        : Text.of(
                                "amidships, seen from behind · too tender for a figure: the paddler's balance decides"),
                Frame.ToScale.of(at(-half, -afloat.waterM() - ROOM_M), at(half, mast - afloat.waterM() + ROOM_M)),
                drawing.marks(),
                new Twin(List.of("what", "right of the middle", "over the bottom"), rows()));
    }

    private void hull() {
        double x = outline.lengthM() / 2;
        double half = outline.halfWidthM(x, outline.depthM());
        List<Point> section = new ArrayList<>();
        for (int i = 0; i <= PIECES; i++) {
            double y = half * (2.0 * i / PIECES - 1);
            section.add(seen(y, outline.bottomM(x, y)));
        }
        section.add(seen(half, outline.depthM()));
        section.add(seen(-half, outline.depthM()));
        drawing.curve(Role.HULL, section, true);
    }

    private void centres() {
        double over = afloat.sideKgM() / afloat.massKg();
        mark(0, afloat.kbM() + afloat.bmM(), Side.RIGHT, "  it turns about here, {} up", afloat.kbM() + afloat.bmM());
        mark(over, afloat.kgM(), Side.LEFT, "all the weight, {} up  ", afloat.kgM());
        mark(0, afloat.kbM(), Side.RIGHT, "  the water holds it here, {} up", afloat.kbM());
    }

    private void mark(double yM, double zM, Side side, String words, double upM) {
        drawing.spot(Role.CENTRE, seen(yM, zM))
                .note(Role.QUIET, seen(yM, zM), side, 0.3, words, new Amount(upM, Unit.MILLIMETRE));
    }

    private void faces() {
        for (Face face : line.get(FaceStage.STAGE).map(f -> f.faces()).orElse(List.of())) {
            Point place = seen(face.yM(), face.zM());
            drawing.spot(Role.FACE, place)
                    .note(
                            face.underM() < 0 ? Role.MISSING : Role.LABEL,
                            place,
                            Side.MIDDLE,
                            1.4,
                            face.underM() < 0 ? "face {} over the water" : "face {} under",
                            new Amount(Math.abs(face.underM()), Unit.MILLIMETRE));
        }
    }

    private List<List<Text>> rows() {
        List<List<Text>> rows = new ArrayList<>();
        row(rows, "it turns about", 0, afloat.kbM() + afloat.bmM());
        row(rows, "all the weight", afloat.sideKgM() / afloat.massKg(), afloat.kgM());
        row(rows, "the water holds it", 0, afloat.kbM());
        for (MassAt thing : Aboard.rigOnly(line.rig()).masses()) {
            row(rows, thing.what(), thing.yM(), thing.zM());
        }
        return rows;
    }

    private static void row(List<List<Text>> rows, String what, double yM, double zM) {
        rows.add(List.of(Text.of("{}", what), Text.of(yM, Unit.MILLIMETRE), Text.of(zM, Unit.MILLIMETRE)));
    }
}
