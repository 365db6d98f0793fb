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
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.sonar.DeadZone;
import app.brightkeel.core.sonar.Sight;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import app.brightkeel.core.sonar.View;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The beams in side view over the steepest bottom; what they cover of it in plan is {@link SeenScene}. */
final class BeamScene {

    private static final int RAYS = 24;

    /** Room round the drawing, as a share of the depth. */
    private static final double ROOM = 0.10;

    /** Narrowest side view, as a share of the depth, so that words have room. */
    private static final double LEAST_WIDE = 0.45;

    /** Room for the words beside the side view, as a share of the depth. */
    private static final double WORDS = 0.42;

    /** A fish is about so many times as long as high. */
    private static final double FISH_SLIM = 4;

    private final SonarState sonar;
    private final Sight sight;
    private final double fishM;
    private final double fishLengthM;
    private final double deepM;
    private final double halfM;
    private final double slope;
    private final Drawing drawing = new Drawing();

    private BeamScene(Line line, SonarState sonar) {
        this.sonar = sonar;
        sight = sonar.first();
        fishM = line.rig().outing().water().fishM().value();
        fishLengthM = line.rig().outing().water().fishLengthM().value();
        deepM = sight.water().mostM();
        slope = Math.tan(sight.slopeRad());
        double widest = sight.views().stream()
                .filter(BeamScene::looksDown)
                .mapToDouble(view -> view.cone().footprintM(sight.belowFaceM(deepM)))
                .max()
                .orElse(0);
        double ahead = LiveDrawing.live(sonar).isPresent() ? LiveDrawing.REACH_M : 0;
        halfM = Math.max(Math.max(Math.min(widest, 2 * deepM) / 2, ahead), deepM * LEAST_WIDE / 2);
    }

    static Outcome<Scene> of(Line line) {
        return line.get(SonarStage.STAGE).map(sonar -> new BeamScene(line, sonar).scene());
    }

    /** Side fans look out and live fans ahead: they are drawn in plan. */
    private static boolean looksDown(View view) {
        return view.shape() == BeamShape.CONE || view.shape() == BeamShape.LINE;
    }

    private Scene scene() {
        double room = ROOM * deepM;
        double low = -deepM - room - halfM * slope;
        List<Point> bed = List.of(at(-halfM, bedAt(-halfM)), at(halfM, bedAt(halfM)));
        drawing.curve(Role.BOTTOM, List.of(bed.get(0), bed.get(1), at(halfM, low), at(-halfM, low)), true);
        View inUse = sight.at(deepM);
        beams(inUse);
        drawing.path(Role.SURFACE, 1, at(-halfM, 0), at(halfM, 0)).curve(Role.BED, bed, false);
        double under = sight.face().underM();
        drawing.box(Role.FACE, -deepM / 90, -under, deepM / 90, -under + deepM / 60);
        depth("shallowest", sight.water().leastM());
        depth("typical", sight.water().typicalM());
        depth("deepest", deepM);
        fish();
        LiveDrawing.side(drawing, sonar, halfM, off -> rangeM(sight, off));
        picks();
        Frame.ToScale frame = Frame.ToScale.of(at(-halfM, low), at(halfM + WORDS * deepM, room / 2));
        return new Scene(
                Text.of("What it sees, from the side"),
                Text.of(
                        "{} · 1 square = {} · {}",
                        sight.name(),
                        new Amount(frame.squareM(), Unit.DEPTH),
                        sight.views().size() > 1 && sight.inUse().isEmpty()
                                ? "wide in the shallows, narrow in the deep"
                                : inUse.name() + " in use"),
                frame,
                drawing.marks(),
                new Twin(
                        List.of(
                                "transducer",
                                "depth",
                                "beam",
                                "seen of the bottom",
                                "hidden above it",
                                "lies off by",
                                "reaches"),
                        rows()));
    }

    /** Up-slope is to the right. */
    private double bedAt(double x) {
        return -deepM + x * slope;
    }

    private void beams(View inUse) {
        for (Sight each : sonar.sights()) {
            for (View view : each.views()) {
                if (looksDown(view) && !view.equals(inUse)) {
                    cone(each, view, Role.GHOST);
                }
            }
        }
        if (looksDown(inUse)) {
            cone(sight, inUse, Role.BEAM);
            hidden(inUse);
        }
    }

    private void cone(Sight from, View view, Role role) {
        drawing.curve(role, outline(from, view), true);
    }

    private List<Point> outline(Sight from, View view) {
        double half = view.cone().halfRad();
        return List.of(at(0, -from.face().underM()), hit(from, half), hit(from, -half));
    }

    /** Where a ray so far off straight down meets the bottom; one that runs along it ends at the drawing's edge. */
    private Point hit(Sight from, double off) {
        double range = rangeM(from, off);
        return at(range * Math.sin(off), -from.face().underM() - range * Math.cos(off));
    }

    private double rangeM(Sight from, double off) {
        double fall = Math.cos(off) + Math.sin(off) * slope;
        double edge = 1.5 * halfM / Math.max(1e-6, Math.abs(Math.sin(off)));
        return fall <= 0 ? edge : Math.min(edge, from.belowFaceM(deepM) / fall);
    }

    /** Under the arc as far away as the nearest bottom, less the pulse. */
    private void hidden(View view) {
        DeadZone zone = view.deadZone(sight.belowFaceM(deepM), sight.slopeRad());
        double reach = Math.max(0, zone.nearestM() - view.pulseM());
        double alpha = view.cone().halfRad();
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= RAYS; i++) {
            double off = -alpha + 2 * alpha * i / RAYS;
            points.add(at(reach * Math.sin(off), -sight.face().underM() - reach * Math.cos(off)));
        }
        points.add(hit(sight, alpha));
        points.add(hit(sight, -alpha));
        drawing.curve(Role.HIDDEN, points, true)
                .note(
                        Role.QUIET,
                        at(halfM, bedAt(halfM)),
                        Side.RIGHT,
                        1.1,
                        "  hidden in the bottom's echo: up to {}",
                        new Amount(sight.hiddenM(deepM), Unit.METRE));
    }

    private void depth(String name, double depthM) {
        View view = sight.at(depthM);
        double half = looksDown(view) ? sight.widthM(depthM) / 2 : 0;
        drawing.path(Role.WANTED, 1, at(-half, -depthM), at(half, -depthM))
                .note(
                        Role.LABEL,
                        at(Math.max(half, 0), -depthM),
                        Side.RIGHT,
                        -0.4,
                        sight.slopeRad() > 0 ? "  {} {}: {} seen, along the slope" : "  {} {}: {} seen",
                        name,
                        new Amount(depthM, Unit.DEPTH),
                        new Amount(sight.footprintM(depthM), Unit.DEPTH));
    }

    /** As long as the fish that are wanted, as high over the deepest bottom as they stand. */
    private void fish() {
        double y = -deepM + fishM;
        double half = fishLengthM / 2;
        double high = fishLengthM / FISH_SLIM / 2;
        drawing.curve(
                        Role.TARGET,
                        List.of(
                                at(-half, y),
                                at(-half / 2, y + high),
                                at(half / 3, y + high),
                                at(0.7 * half, y),
                                at(half, y + high),
                                at(half, y - high),
                                at(0.7 * half, y),
                                at(half / 3, y - high),
                                at(-half / 2, y - high)),
                        true)
                .note(
                        Role.QUIET,
                        at(0, y + high),
                        Side.MIDDLE,
                        -0.5,
                        "fish of {}, to scale",
                        new Amount(fishLengthM, Unit.METRE));
    }

    /** A beam is chosen by pointing at it; first the wide ones, so that narrow ones lie on top. */
    private void picks() {
        if (sight.views().size() < 2) {
            return;
        }
        sight.views().stream()
                .filter(BeamScene::looksDown)
                .sorted((a, b) -> Double.compare(b.cone().fullRad(), a.cone().fullRad()))
                .forEach(view -> drawing.pick(
                        "transducer.use." + sight.transducer() + "." + view.beam(),
                        outline(sight, view),
                        "Use the {}",
                        view.name()));
    }

    private List<List<Text>> rows() {
        List<List<Text>> rows = new ArrayList<>();
        for (Sight each : sonar.sights()) {
            double[] depths = {each.water().leastM(), each.water().typicalM(), deepM};
            for (double depth : depths) {
                View view = each.at(depth);
                Optional<Double> reach = view.reach().map(r -> r.leastM());
                rows.add(List.of(
                        Text.of("{}", each.name()),
                        Text.of(depth, Unit.DEPTH),
                        Text.of("{}", view.name()),
                        Text.of(each.footprintM(depth), Unit.DEPTH),
                        Text.of(each.hiddenM(depth), Unit.METRE),
                        Text.of(each.offsetM(depth), Unit.METRE),
                        reach.map(metres -> Text.of(metres, Unit.DEPTH)).orElse(Text.of("not known"))));
            }
        }
        return rows;
    }
}
