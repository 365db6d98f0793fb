package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

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
import app.brightkeel.core.sonar.DeadZone;
import app.brightkeel.core.sonar.Sight;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.View;
import java.util.ArrayList;
import java.util.List;

/** The beams of the first transducer in side view, and what they cover of the bottom in plan, to one scale. */
final class BeamScene {

    private static final int RAYS = 24;

    /** Room round the drawing, as a share of the depth. */
    private static final double ROOM = 0.10;

    /** Narrowest side view, as a share of the depth, so that words have room. */
    private static final double LEAST_WIDE = 0.45;

    private final Sight sight;
    private final double deepM;
    private final double halfM;
    private final Drawing drawing = new Drawing();

    private BeamScene(Sight sight) {
        this.sight = sight;
        deepM = sight.water().mostM();
        double widest = sight.views().stream()
                .mapToDouble(view -> view.cone().footprintM(sight.belowFaceM(deepM)))
                .max()
                .orElseThrow();
        halfM = Math.max(widest / 2, deepM * LEAST_WIDE / 2);
    }

    static Outcome<Scene> of(Line line) {
        return line.get(SonarStage.STAGE).map(sonar -> new BeamScene(sonar.first()).scene());
    }

    private Scene scene() {
        double room = ROOM * deepM;
        double planX = 2 * halfM + 3 * room + deepM * 0.25;
        drawing.box(Role.BOTTOM, -halfM, -deepM - room, halfM, -deepM);
        View inUse = sight.at(deepM);
        for (View view : sight.views()) {
            if (!view.equals(inUse)) {
                cone(view, Role.GHOST);
            }
        }
        cone(inUse, Role.BEAM);
        hidden(inUse);
        drawing.path(Role.SURFACE, 1, at(-halfM, 0), at(halfM, 0))
                .path(Role.BED, 1, at(-halfM, -deepM), at(halfM, -deepM));
        drawing.box(Role.FACE, -deepM / 90, -sight.underM(), deepM / 90, -sight.underM() + deepM / 60);
        depth("least", sight.water().leastM());
        depth("typical", sight.water().typicalM());
        depth("greatest", deepM);
        plan(planX);
        Frame.ToScale frame = Frame.ToScale.of(at(-halfM, -deepM - room), at(planX + halfM, room / 2));
        return new Scene(
                Text.of("What it sees, in side view and on the bottom"),
                Text.of(
                        "{} · 1 square = {} · {}",
                        sight.name(),
                        new Amount(frame.squareM(), Unit.METRE),
                        sight.views().size() > 1 && sight.inUse().isEmpty()
                                ? "wide in the shallows, narrow in the deep"
                                : inUse.name() + " in use"),
                frame,
                drawing.marks(),
                new Twin(List.of("depth", "beam", "seen of the bottom", "hidden above it"), rows()));
    }

    private void cone(View view, Role role) {
        double below = sight.belowFaceM(deepM);
        double half = view.cone().footprintM(below) / 2;
        drawing.curve(role, List.of(at(0, -sight.underM()), at(half, -deepM), at(-half, -deepM)), true);
    }

    /** Under the arc as far away as the nearest bottom, less the pulse. */
    private void hidden(View view) {
        double below = sight.belowFaceM(deepM);
        DeadZone zone = view.deadZone(below);
        double reach = Math.max(0, zone.nearestM() - view.pulseM());
        double alpha = view.cone().halfRad();
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= RAYS; i++) {
            double off = -alpha + 2 * alpha * i / RAYS;
            points.add(at(reach * Math.sin(off), -sight.underM() - reach * Math.cos(off)));
        }
        double half = view.cone().footprintM(below) / 2;
        points.add(at(half, -deepM));
        points.add(at(-half, -deepM));
        drawing.curve(Role.HIDDEN, points, true)
                .note(
                        Role.QUIET,
                        at(halfM, -deepM),
                        Side.RIGHT,
                        1.1,
                        "  hidden in the bottom's echo: up to {}",
                        new Amount(sight.hiddenM(deepM), Unit.METRE));
    }

    private void depth(String name, double depthM) {
        double half = sight.footprintM(depthM) / 2;
        drawing.path(Role.WANTED, 1, at(-half, -depthM), at(half, -depthM))
                .note(
                        Role.LABEL,
                        at(Math.max(half, 0), -depthM),
                        Side.RIGHT,
                        -0.4,
                        "  {} {}: {} seen",
                        name,
                        new Amount(depthM, Unit.DEPTH),
                        new Amount(2 * half, Unit.METRE));
    }

    /** Circles on the bottom at the three depths round one place. */
    private void plan(double planX) {
        Point middle = at(planX, -deepM / 2);
        drawing.circle(Role.BEAM, middle, sight.footprintM(deepM) / 2)
                .circle(Role.WANTED, middle, sight.footprintM(sight.water().typicalM()) / 2)
                .circle(Role.WANTED, middle, sight.footprintM(sight.water().leastM()) / 2)
                .note(
                        Role.QUIET,
                        at(planX, -deepM / 2 + Math.max(halfM * 0.6, sight.footprintM(deepM) / 2)),
                        Side.MIDDLE,
                        -1,
                        "from above, at the three depths");
    }

    private List<List<Text>> rows() {
        List<List<Text>> rows = new ArrayList<>();
        double[] depths = {sight.water().leastM(), sight.water().typicalM(), deepM};
        for (double depth : depths) {
            rows.add(List.of(
                    Text.of(depth, Unit.DEPTH),
                    Text.of("{}", sight.at(depth).name()),
                    Text.of(sight.footprintM(depth), Unit.METRE),
                    Text.of(sight.hiddenM(depth), Unit.METRE)));
        }
        return rows;
    }
}
