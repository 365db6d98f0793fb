package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.craft.Face;
import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.mount.Clearance;
import app.brightkeel.core.mount.MountStage;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Obstruction;
import java.util.ArrayList;
import java.util.List;

/** The hull, or the ice, cut at the first transducer: waterline, face, beam against whatever stands down beside it. */
final class MountScene {

    private static final int SLICES = 24;

    /** How far the beam is drawn below the face [m]. */
    private static final double SHOWN_M = 0.45;

    private static final double HALF_BODY_M = 0.04;

    private final Line line;
    private final Clearance clearance;
    private final Face face;
    private final Outline outline;
    private final double halfM;
    private final double lowM;
    private final double highM;
    private final Drawing drawing = new Drawing();

    private MountScene(Line line, Clearance clearance, Outline outline) {
        this.line = line;
        this.clearance = clearance;
        this.outline = outline;
        face = clearance.held().face();
        boolean ice = onIce();
        lowM = face.zM() - SHOWN_M;
        highM = ice ? 0.15 : outline.depthM() + 0.10;
        double wanted = ice ? 0.5 : Math.max(outline.halfM() + 0.15, Math.abs(face.yM()) + 0.2);
        halfM = Math.max(wanted, (highM - lowM) * 0.75);
    }

    static Outcome<Scene> of(Line line) {
        return Outcome.both(
                line.get(MountStage.STAGE),
                Outline.of(line.rig().craft()),
                (mount, outline) -> new MountScene(line, mount.all().get(0), outline).scene());
    }

    private boolean onIce() {
        return line.rig().craft().kind().onIce();
    }

    private Scene scene() {
        if (onIce()) {
            ice();
        } else {
            hull();
        }
        beam();
        drawing.box(Role.FACE, x() - HALF_BODY_M, face.zM(), x() + HALF_BODY_M, face.zM() + 0.03)
                .note(
                        face.underM() < 0 ? Role.MISSING : Role.LABEL,
                        at(x() + HALF_BODY_M, face.zM()),
                        Side.RIGHT,
                        onIce() ? 0.3 : 1.4,
                        face.underM() < 0 ? "  face, {} dry" : "  face, {} under",
                        new Amount(Math.abs(face.underM()), Unit.MILLIMETRE));
        Frame.ToScale frame = Frame.ToScale.of(at(-halfM, lowM), at(halfM, highM));
        return new Scene(
                Text.of(
                        onIce()
                                ? "The hole, cut at the transducer"
                                : "The hull, cut at the transducer, seen from astern"),
                Text.of(
                        "{} · 1 square = {} · {} off level",
                        clearance.held().name(),
                        new Amount(frame.squareM(), Unit.MILLIMETRE),
                        new Amount(Math.toDegrees(face.tiltRad()), Unit.DEGREE)),
                frame,
                drawing.marks(),
                new Twin(List.of("what", "where"), rows()));
    }

    /** The hole is cut at its own middle. */
    private double x() {
        return onIce() ? 0 : face.yM();
    }

    private void hull() {
        List<Point> right = new ArrayList<>();
        List<Point> left = new ArrayList<>();
        double keel = outline.keelM(face.xM());
        for (int i = 0; i <= SLICES; i++) {
            // closer near the bottom, where the section is round
            double share = (double) i / SLICES;
            double z = keel + (outline.depthM() - keel) * share * share;
            double half = outline.halfWidthM(face.xM(), z);
            right.add(at(half, z));
            left.add(0, at(-half, z));
        }
        left.addAll(right);
        drawing.curve(Role.HULL, left, true);
        drawing.path(Role.GHOST, 1, at(-halfM, 0), at(halfM, 0))
                .note(Role.QUIET, at(halfM, 0), Side.LEFT, 1.1, "the beach, with the hull aground");
        Outcome<Afloat> afloat = line.get(FloatStage.STAGE);
        if (afloat.isKnown()) {
            double a = afloat.value().waterM(face.xM(), -halfM);
            double b = afloat.value().waterM(face.xM(), halfM);
            drawing.path(Role.WATERLINE, 1, at(-halfM, a), at(halfM, b))
                    .note(
                            Role.QUIET,
                            at(-halfM, a),
                            Side.RIGHT,
                            -0.4,
                            "water, {} heel",
                            new Amount(Math.abs(Math.toDegrees(afloat.value().heelRad())), Unit.DEGREE));
        }
        for (Obstruction each : clearance.held().obstructions()) {
            double y = each.sideM().value();
            double half = each.halfWidthM().value();
            drawing.box(Role.OBSTRUCTION, y - half, -each.belowM().value(), y + half, 0)
                    .note(
                            Role.QUIET,
                            at(y + half, -each.belowM().value()),
                            Side.RIGHT,
                            0,
                            " {}, {} from here",
                            each.name(),
                            new Amount(Math.abs(each.fromBowM().value() - face.xM()), Unit.METRE));
        }
        if (face.mount().beside()) {
            drawing.path(Role.PART, 2, at(face.yM(), face.zM() + 0.03), at(face.yM(), outline.depthM()));
        }
    }

    private void ice() {
        double half = clearance.held().openingM().orElse(0.2) / 2;
        double thick = clearance.held().iceM().orElse(0.0);
        if (thick > 0) {
            drawing.box(Role.ICE, -halfM, -thick, -half, 0).box(Role.ICE, half, -thick, halfM, 0);
            drawing.note(
                    Role.QUIET,
                    at(half, -thick),
                    Side.RIGHT,
                    -0.5,
                    "  ice, {} as measured",
                    new Amount(thick, Unit.MILLIMETRE));
        }
        drawing.path(Role.WATERLINE, 1, at(-half, 0), at(half, 0))
                .path(Role.PART, 1, at(0, face.zM() + 0.03), at(0, highM))
                .box(Role.PART, -0.035, -0.02, 0.035, 0.04)
                .note(Role.QUIET, at(0.035, 0.04), Side.RIGHT, 0, "  float");
    }

    private void beam() {
        double tan = Math.tan(clearance.held().halfRad());
        double spread = Math.min(SHOWN_M * tan, halfM - Math.abs(x()));
        double down = tan > 0 ? spread / tan : SHOWN_M;
        if (tan > 0) {
            drawing.curve(
                    Role.BEAM,
                    List.of(at(x(), face.zM()), at(x() + spread, face.zM() - down), at(x() - spread, face.zM() - down)),
                    true);
        }
    }

    private List<List<Text>> rows() {
        List<List<Text>> rows = new ArrayList<>();
        rows.add(List.of(Text.of("face under the surface"), Text.of(face.underM(), Unit.MILLIMETRE)));
        rows.add(List.of(
                Text.of("half of the beam"),
                Text.of(Math.toDegrees(clearance.held().halfRad()), Unit.DEGREE)));
        rows.add(List.of(
                Text.of(clearance.by().isEmpty() ? "free half angle" : "free half angle, up to the " + clearance.by()),
                Text.of(Math.toDegrees(clearance.clearRad()), Unit.DEGREE)));
        clearance
                .gapM()
                .ifPresent(gap -> rows.add(List.of(Text.of("wider than its body"), Text.of(gap, Unit.MILLIMETRE))));
        return rows;
    }
}
