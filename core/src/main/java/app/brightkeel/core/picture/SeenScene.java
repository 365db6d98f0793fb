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
import app.brightkeel.core.sonar.Sight;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import app.brightkeel.core.sonar.View;
import java.util.ArrayList;
import java.util.List;

/** What the beams cover of the bottom in plan: circles at the three depths, fans as strips, live fans with their handle. */
final class SeenScene {

    private static final Point MIDDLE = at(0, 0);

    /** Room round the drawing, and for words beside it, as shares of its half. */
    private static final double ROOM = 0.2;

    private static final double WORDS = 0.75;

    private final SonarState sonar;
    private final Sight sight;
    private final double deepM;
    private final Drawing drawing = new Drawing();

    private SeenScene(SonarState sonar) {
        this.sonar = sonar;
        sight = sonar.first();
        deepM = sight.water().mostM();
    }

    static Outcome<Scene> of(Line line) {
        return line.get(SonarStage.STAGE).map(sonar -> new SeenScene(sonar).scene());
    }

    private Scene scene() {
        View inUse = sight.at(deepM);
        if (inUse.shape() == BeamShape.CONE) {
            circle(Role.BEAM, deepM);
            circle(Role.WANTED, sight.water().typicalM());
            circle(Role.WANTED, sight.water().leastM());
        }
        for (Sight each : sonar.sights()) {
            for (View view : each.views()) {
                LiveDrawing.fan(drawing, each, view, MIDDLE, view.equals(inUse) ? Role.BEAM : Role.GHOST);
                strip(each, view);
            }
        }
        LiveDrawing.plan(drawing, sonar, MIDDLE);
        double half = halfM();
        double tall = tallM(half);
        Frame.ToScale frame =
                Frame.ToScale.of(at(-half * (1 + ROOM), -tall * (1 + ROOM)), at(half * (1 + WORDS), tall * (1 + ROOM)));
        return new Scene(
                Text.of("What it sees of the bottom, from above"),
                Text.of("{} · 1 square = {} · ahead is up", sight.name(), new Amount(frame.squareM(), Unit.DEPTH)),
                frame,
                drawing.marks(),
                new Twin(List.of("transducer", "depth", "seen across"), rows()));
    }

    private void circle(Role role, double depthM) {
        double half = sight.widthM(depthM) / 2;
        drawing.circle(role, MIDDLE, half)
                .note(
                        Role.QUIET,
                        at(0, half),
                        Side.MIDDLE,
                        -0.3,
                        "{} across at {}",
                        new Amount(sight.footprintM(depthM), Unit.DEPTH),
                        new Amount(depthM, Unit.DEPTH));
    }

    /** How far the strips of line and side beams go out, at the depth where most time is spent. */
    private void strip(Sight each, View view) {
        double out = outM(each, view);
        if (out > 0) {
            boolean side = view.shape() == BeamShape.SIDE;
            drawing.note(
                    Role.QUIET,
                    at(out, 0),
                    Side.RIGHT,
                    1.2,
                    side ? "  {}, {} out" : "  {}, {} across",
                    view.name(),
                    new Amount(side ? out : 2 * out, Unit.DEPTH));
        }
    }

    /** 0 of what is no strip. */
    private static double outM(Sight each, View view) {
        return switch (view.shape()) {
            case LINE -> LiveDrawing.lineReachM(each, view);
            case SIDE -> LiveDrawing.sideReachM(each);
            case CONE, LIVE -> 0;
        };
    }

    /** Half of what the plan takes up across [m]. */
    private double halfM() {
        double half = LiveDrawing.live(sonar).isPresent() ? LiveDrawing.REACH_M : deepM / 8;
        if (sight.at(deepM).shape() == BeamShape.CONE) {
            half = Math.max(half, sight.widthM(deepM) / 2);
        }
        for (Sight each : sonar.sights()) {
            for (View view : each.views()) {
                half = Math.max(half, outM(each, view));
            }
        }
        return half;
    }

    /** Strips alone are flat: the drawing is as tall as what stands in it wants, and its words. */
    private double tallM(double half) {
        double tall = half / 2;
        if (sight.at(deepM).shape() == BeamShape.CONE) {
            tall = Math.max(tall, sight.widthM(deepM) / 2);
        }
        return LiveDrawing.live(sonar).isPresent() ? Math.max(tall, LiveDrawing.REACH_M) : tall;
    }

    private List<List<Text>> rows() {
        List<List<Text>> rows = new ArrayList<>();
        for (Sight each : sonar.sights()) {
            for (double depth :
                    new double[] {each.water().leastM(), each.water().typicalM(), deepM}) {
                rows.add(List.of(
                        Text.of("{}", each.name()),
                        Text.of(depth, Unit.DEPTH),
                        Text.of(each.footprintM(depth), Unit.DEPTH)));
            }
        }
        return rows;
    }
}
