package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Logged;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.water.WaterStage;
import app.brightkeel.core.water.WaterState;
import java.util.ArrayList;
import java.util.List;

/** A section of the water from its shallowest to its deepest fished place; the depths are to scale, the way is not. */
final class WaterScene {

    /** Room below the deepest place, as a share of it. */
    private static final double BELOW = 0.18;

    private static final double WAY = 10;

    /** Longest bar of the log, as a share of the way. */
    private static final double HISTOGRAM = 0.18;

    private static final double SHALLOWEST_M = 0.2;

    private WaterScene() {}

    static Outcome<Scene> of(Line line) {
        return line.get(WaterStage.STAGE).map(state -> scene(line, state));
    }

    private record Place(String name, double atWay, double depthM) {}

    private static Scene scene(Line line, WaterState state) {
        Water water = line.rig().outing().water();
        double deepest = Math.max(state.typicalM(), Math.max(state.mostM(), state.leastM()));
        double deep = Math.max(deepest, loggedM(water.logged(), state)) * (1 + BELOW);
        List<Place> places = List.of(
                new Place("shallowest", 0.2 * WAY, state.leastM()),
                new Place("typical", 0.5 * WAY, state.typicalM()),
                new Place("deepest", 0.8 * WAY, state.mostM()));
        Drawing drawing = new Drawing();
        List<Scene.Point> bed = List.of(
                at(0, state.leastM()),
                at(places.get(0).atWay(), state.leastM()),
                at(places.get(1).atWay(), state.typicalM()),
                at(places.get(2).atWay(), state.mostM()),
                at(WAY, state.mostM()));
        List<Scene.Point> ground = new ArrayList<>(bed);
        ground.add(at(WAY, deep));
        ground.add(at(0, deep));
        drawing.curve(Role.BOTTOM, ground, true).curve(Role.BED, bed, false);
        drawing.path(Role.SURFACE, 1, at(0, 0), at(WAY, 0));
        histogram(drawing, water.logged(), state);
        List<List<Text>> rows = new ArrayList<>();
        for (Place place : places) {
            Amount depth = new Amount(place.depthM(), Unit.DEPTH);
            Amount shown = new Amount(state.shownM(place.depthM()), Unit.DEPTH);
            drawing.path(Role.QUIET, 1, at(place.atWay(), 0), at(place.atWay(), place.depthM()))
                    .note(
                            Role.LABEL,
                            at(place.atWay(), place.depthM()),
                            Side.RIGHT,
                            -1.4,
                            "  {} {}",
                            place.name(),
                            depth)
                    .note(
                            Role.QUIET,
                            at(place.atWay(), place.depthM()),
                            Side.RIGHT,
                            -0.5,
                            "  the screen says {}",
                            shown);
            rows.add(List.of(Text.of(place.name()), Text.of("{}", depth), Text.of("{}", shown), Text.of("")));
        }
        handles(drawing, places, deep);
        logged(rows, water.logged(), state);
        Axis way = new Axis(Text.of(""), Unit.COUNT, 0, WAY, false, List.of());
        Axis depth = new Axis(Text.of("depth"), Unit.DEPTH, deep, 0, false, Ticks.linear(0, deep, 6));
        return new Scene(
                Text.of("The water, from the shallowest to the deepest that is fished"),
                Text.of(
                        "{}, {} · {} · sound runs at {}, the display reckons with {}",
                        water.kind().words(),
                        water.season().words(),
                        new Amount(water.waterC().value(), Unit.CELSIUS),
                        new Amount(state.soundMs(), Unit.METRE_PER_SECOND),
                        new Amount(state.displaySoundMs(), Unit.METRE_PER_SECOND)),
                new Frame.Plot(way, depth),
                drawing.marks(),
                new Twin(List.of("place", "depth", "on the screen", "time there"), rows));
    }

    /** True depth down to which was fished by the log [m]; 0 where there is none. */
    private static double loggedM(Logged logged, WaterState state) {
        return logged.hoursAt().isEmpty()
                ? 0
                : logged.hoursAt().size() * logged.binM().value() / (1 + state.error());
    }

    /** What was really fished: the time in each step of depth, from the left edge. */
    private static void histogram(Drawing drawing, Logged logged, WaterState state) {
        double most = logged.hoursAt().stream().mapToDouble(h -> h).max().orElse(0);
        if (most <= 0) {
            return;
        }
        double step = loggedM(logged, state) / logged.hoursAt().size();
        for (int i = 0; i < logged.hoursAt().size(); i++) {
            double wide = HISTOGRAM * WAY * logged.hoursAt().get(i) / most;
            if (wide > 0) {
                drawing.box(Role.HISTOGRAM, 0, i * step, wide, (i + 1) * step);
            }
        }
        drawing.note(
                Role.QUIET,
                at(0, loggedM(logged, state)),
                Side.RIGHT,
                1.1,
                "  fished by the log: {}",
                new Amount(logged.hours(), Unit.HOUR));
    }

    private static void logged(List<List<Text>> rows, Logged logged, WaterState state) {
        double step = loggedM(logged, state) / Math.max(1, logged.hoursAt().size());
        for (int i = 0; i < logged.hoursAt().size(); i++) {
            if (logged.hoursAt().get(i) > 0) {
                rows.add(List.of(
                        Text.of("fished by the log"),
                        Text.of("{} – {}", new Amount(i * step, Unit.DEPTH), new Amount((i + 1) * step, Unit.DEPTH)),
                        Text.of("{}", new Amount(state.shownM(i * step), Unit.DEPTH)),
                        Text.of("{}", new Amount(logged.hoursAt().get(i), Unit.HOUR))));
            }
        }
    }

    /** Each depth is taken by its place on the bed; it stays between its neighbours. */
    private static void handles(Drawing drawing, List<Place> places, double deep) {
        List<String> fields = List.of("leastM", "typicalM", "mostM");
        for (int i = 0; i < places.size(); i++) {
            double low = i == 0 ? SHALLOWEST_M : places.get(i - 1).depthM();
            double high = i == 2 ? deep : places.get(i + 1).depthM();
            drawing.handle(
                    "/outing/water/" + fields.get(i),
                    at(places.get(i).atWay(), places.get(i).depthM()),
                    low,
                    high);
        }
    }
}
