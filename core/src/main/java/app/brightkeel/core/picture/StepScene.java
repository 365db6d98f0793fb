package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.build.Piece;
import app.brightkeel.core.build.Step;
import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.route.Hole;
import app.brightkeel.core.route.HoleStage;
import app.brightkeel.core.route.LaidCable;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** The piece of a drawing that a step is about: the places it is done at, with its leads and holes drawn heavy. */
public final class StepScene {

    /** Least of the craft that is shown round a place [m]: a place by itself is not known again. */
    private static final double LEAST_M = 1.1;

    private static final double ROOM = 0.25;

    /** Height of the piece as a share of its width. */
    private static final double FLAT = 0.42;

    private static final double DOT_M = 0.025;

    private final Line line;
    private final CraftDrawing on;
    private final Piece piece;
    private final Drawing drawing = new Drawing();
    private final List<Point> seen = new ArrayList<>();
    private final Set<Station> named = new LinkedHashSet<>();

    private StepScene(Line line, Outline outline, Piece piece) {
        this.line = line;
        this.piece = piece;
        on = new CraftDrawing(line.rig().craft(), outline);
    }

    /** What a step bears; missing where there is nothing to draw, or figures for it are not known. */
    public static Outcome<Scene> of(Line line, Step step) {
        return switch (step.piece().of()) {
            case NOTHING -> new Outcome.Missing<>(List.of("/craft"));
            case CRAFT ->
                Outline.of(line.rig().craft()).map(outline -> new StepScene(line, outline, step.piece()).craft());
            case FACE -> MountScene.of(line);
            case HARNESS -> HarnessScene.of(line, Moment.JUDGED).map(scene -> harness(scene, step.piece()));
            case BOARDS ->
                CutScene.all(line).stream().findFirst().orElse(new Outcome.Missing<>(List.of("/fitOut/boards")));
        };
    }

    private Scene craft() {
        on.deck(drawing);
        List<LaidCable> laid =
                line.get(RouteStage.STAGE).orElse(new Routes(List.of())).all();
        laid.forEach(each -> cable(each, piece.parts().contains(each.carries())));
        on.stations(piece.stations()).forEach(this::station);
        line.get(HoleStage.STAGE).orElse(List.of()).stream()
                .filter(hole -> piece.parts().contains(hole.id()))
                .forEach(this::hole);
        boolean up = false;
        for (Station station : named) {
            drawing.note(Role.LABEL, on.plan(station), Side.MIDDLE, up ? -0.9 : 1.6, "{}", station.name());
            up = !up;
        }
        Frame.ToScale frame = frame();
        return new Scene(
                Text.of("Where it is done"),
                Text.of("from above, 1 square = {}", new Amount(frame.squareM(), Unit.METRE)),
                frame,
                drawing.marks(),
                new Twin(List.of("place", line.rig().craft().kind().front(), "right of the middle"), rows()));
    }

    private void cable(LaidCable laid, boolean heavy) {
        List<Station> stations = on.stations(laid.stations());
        List<Point> way = stations.stream().map(on::plan).toList();
        if (way.size() > 1) {
            drawing.line(heavy ? Role.RUN : Role.GHOST, heavy ? 1.4 : 1, way);
        }
        if (heavy) {
            seen.addAll(way);
            if (!stations.isEmpty()) {
                named.add(stations.get(0));
                named.add(stations.get(stations.size() - 1));
            }
        }
    }

    private void station(Station station) {
        drawing.circle(Role.FACE, on.plan(station), DOT_M);
        seen.add(on.plan(station));
        // of a whole way its ends are named, of single places all
        if (piece.stations().size() <= 2) {
            named.add(station);
        }
    }

    private void hole(Hole hole) {
        Passage passage = hole.passage().orElse(null);
        List<Station> ends = passage == null ? List.of() : on.stations(List.of(passage.from(), passage.to()));
        if (ends.size() == 2) {
            Point a = on.plan(ends.get(0));
            Point b = on.plan(ends.get(1));
            Point middle = at((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
            seen.add(middle);
            drawing.spot(hole.there() ? Role.GHOST : Role.JOINT, middle)
                    .note(Role.LABEL, middle, Side.MIDDLE, -0.8, "{}", hole.number());
        }
    }

    /** Round all that is to be seen, with room, in one shape for all steps. */
    private Frame.ToScale frame() {
        double low = seen.stream().mapToDouble(Point::x).min().orElse(on.low().x());
        double high = seen.stream().mapToDouble(Point::x).max().orElse(on.high().x());
        double bottom =
                seen.stream().mapToDouble(Point::y).min().orElse(on.origin().y());
        double top =
                seen.stream().mapToDouble(Point::y).max().orElse(on.origin().y());
        double wide = Math.max(LEAST_M, Math.max(high - low, (top - bottom) / FLAT) * (1 + 2 * ROOM));
        double middle = (low + high) / 2;
        double centre = (bottom + top) / 2;
        return Frame.ToScale.of(
                at(middle - wide / 2, centre - wide * FLAT / 2), at(middle + wide / 2, centre + wide * FLAT / 2));
    }

    private List<List<Text>> rows() {
        return on.stations(piece.stations()).stream()
                .map(station -> List.of(
                        Text.of("{}", station.name()),
                        Text.of(station.fromBowM().value(), Unit.METRE),
                        Text.of(station.sideM().value(), Unit.METRE)))
                .toList();
    }

    /** The whole harness, which is small, with what the step is about marked. */
    private static Scene harness(Scene whole, Piece piece) {
        Still still = Still.of(whole);
        List<Mark> marks = new ArrayList<>(still.marks());
        still.areas().forEach((part, area) -> {
            if (piece.parts().contains(part)) {
                marks.add(0, Still.marked(area));
            }
        });
        return new Scene(whole.title(), whole.subtitle(), whole.frame(), marks, whole.twin());
    }
}
