package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.route.Cable;
import app.brightkeel.core.route.Coil;
import app.brightkeel.core.route.Hole;
import app.brightkeel.core.route.HoleStage;
import app.brightkeel.core.route.LaidCable;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** The craft in plan and in profile with every passage, the cables on their ways, and what is missing of them. */
final class CableScene {

    /** A coil is drawn no smaller than this [m]. */
    private static final double COIL_SHOWN_M = 0.05;

    /** Names of holes in a column, and how far apart these are. */
    private static final int NAMES = 3;

    private static final double NAME_LINES = 1.15;
    private static final double COLUMN = 0.33;

    private final Line line;
    private final Craft craft;
    private final Routes routes;
    private final CraftDrawing on;
    private final Outline outline;
    private final Drawing drawing = new Drawing();
    private final Set<Station> named = new LinkedHashSet<>();

    private CableScene(Line line, Routes routes, Outline outline) {
        this.line = line;
        this.routes = routes;
        this.outline = outline;
        craft = line.rig().craft();
        on = new CraftDrawing(craft, outline);
    }

    static Outcome<Scene> of(Line line) {
        return Outcome.both(
                line.get(RouteStage.STAGE),
                Outline.of(line.rig().craft()),
                (routes, outline) -> new CableScene(line, routes, outline).scene());
    }

    private Scene scene() {
        on.hull(drawing);
        water();
        for (Passage passage : craft.passages()) {
            List<Station> ends = on.stations(List.of(passage.from(), passage.to()));
            if (ends.size() == 2) {
                drawing.path(Role.PASSAGE, 1, on.plan(ends.get(0)), on.plan(ends.get(1)));
            }
        }
        for (LaidCable laid : routes.all()) {
            run(laid);
        }
        for (LaidCable laid : routes.all()) {
            ends(laid);
        }
        line.get(HoleStage.STAGE).orElse(List.of()).forEach(this::hole);
        names();
        drawing.span(
                Role.QUIET,
                at(0, on.measureY()),
                at(outline.lengthM(), on.measureY()),
                "{}",
                new Amount(outline.lengthM(), Unit.METRE));
        return new Scene(
                Text.of("Cables on their way through the craft"),
                Text.of(
                        "{} · 1 square = {} · the transducer's lead heavy, data dotted, holes by number",
                        on.views(),
                        new Amount(on.frame().squareM(), Unit.METRE)),
                on.frame(),
                drawing.marks(),
                new Twin(
                        List.of("cable", "way", "takes", "there is", "to spare", "at the near end of travel"), rows()));
    }

    private void water() {
        Optional<Afloat> afloat = craft.kind().onIce()
                ? Optional.empty()
                : line.get(FloatStage.STAGE).map(Optional::of).orElse(Optional.empty());
        afloat.ifPresent(it -> drawing.path(
                Role.WATERLINE, 1, at(0, it.waterM(0, 0)), at(outline.lengthM(), it.waterM(outline.lengthM(), 0))));
    }

    private void run(LaidCable laid) {
        List<Station> stations = on.stations(laid.stations());
        Role role = laid.sonar() ? Role.RUN : laid.cable().sort() == Cable.Kind.DATA ? Role.RESERVE : Role.CONDUCTOR;
        double weight = laid.cable().sort() == Cable.Kind.POWER ? 1.4 : 1;
        double there = laid.spareM() < 0 ? laid.suppliedM() / laid.neededM() : 1;
        for (Function<Station, Point> place : List.<Function<Station, Point>>of(on::plan, on::side)) {
            List<Point> way = stations.stream().map(place).toList();
            if (way.size() > 1) {
                Split split = Split.at(way, there);
                drawing.line(role, weight, split.before());
                if (split.after().size() > 1) {
                    drawing.line(Role.MISSING, 2, split.after());
                }
            }
        }
    }

    private void ends(LaidCable laid) {
        List<Station> stations = on.stations(laid.stations());
        if (stations.isEmpty()) {
            return;
        }
        Station from = stations.get(0);
        Station to = stations.get(stations.size() - 1);
        drawing.spot(laid.sonar() ? Role.FACE : Role.PART, on.plan(from)).spot(Role.PART, on.plan(to));
        named.add(from);
        named.add(to);
        if (laid.travelM() > 0) {
            drawing.note(
                    laid.spareM() < 0 ? Role.MISSING : Role.QUIET,
                    on.side(to),
                    Side.RIGHT,
                    -0.6,
                    laid.spareM() < 0
                            ? "  {} short at the far end of travel, {} hang loose at the near one"
                            : "  {} to spare at the far end of travel, {} at the near one",
                    new Amount(Math.abs(laid.spareM()), Unit.METRE),
                    new Amount(Math.max(0, laid.nearM()), Unit.METRE));
        }
        if (laid.sonar() && laid.spareM() < 0) {
            drawing.note(
                    Role.MISSING, on.plan(to), Side.LEFT, -0.4, "{} missing  ", new Amount(-laid.spareM(), Unit.METRE));
        }
    }

    /** Where cables end, each place once, with what is coiled there. */
    private void names() {
        List<Coil> coils = Coil.of(line).orElse(List.of());
        coils.forEach(coil -> coil.at().filter(Station::placed).ifPresent(named::add));
        Labels labels = Labels.beside(
                on,
                outline,
                named.stream().mapToDouble(each -> each.sideM().value()).toArray());
        int turn = 0;
        for (Station station : named) {
            double side = station.sideM().value();
            boolean above = side > 0 || side == 0 && turn++ % 2 == 0;
            double coiled = coils.stream()
                    .filter(coil -> coil.at().filter(station::equals).isPresent())
                    .mapToDouble(Coil::lengthM)
                    .sum();
            if (coiled > 0) {
                drawing.circle(Role.RUN, on.plan(station), COIL_SHOWN_M);
            }
            labels.add(
                    Role.LABEL,
                    on.plan(station),
                    coiled > 0
                            ? Text.of("{}, {} coiled", station.name(), new Amount(coiled, Unit.METRE))
                            : Text.of("{}", station.name()),
                    above);
        }
        labels.draw(drawing);
    }

    /** Its number in both views, as in the table; names below each other by the same numbers. */
    private void hole(Hole hole) {
        Passage leg = hole.passage().orElse(null);
        List<Station> ends = leg == null ? List.of() : on.stations(List.of(leg.from(), leg.to()));
        if (ends.size() < 2) {
            return;
        }
        for (Function<Station, Point> place : List.<Function<Station, Point>>of(on::plan, on::side)) {
            Point a = place.apply(ends.get(0));
            Point b = place.apply(ends.get(1));
            Point middle = at((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
            drawing.spot(hole.there() ? Role.GHOST : Role.JOINT, middle)
                    .note(Role.LABEL, middle, Side.MIDDLE, -0.6, "{}", hole.number());
        }
        name(hole);
    }

    /** Names stand between the views, in columns. */
    private void name(Hole hole) {
        int place = hole.number() - 1;
        double column = on.low().x()
                + (0.04 + COLUMN * (place / NAMES)) * (on.high().x() - on.low().x());
        drawing.note(
                hole.there() ? Role.QUIET : Role.LABEL,
                at(column, on.lower()),
                Side.RIGHT,
                (place % NAMES - NAMES) * NAME_LINES,
                hole.there() ? "{} {}" : "{} {}, to drill",
                hole.number(),
                hole.name());
    }

    private List<List<Text>> rows() {
        List<List<Text>> rows = new ArrayList<>();
        for (LaidCable laid : routes.all()) {
            rows.add(List.of(
                    Text.of("{}", laid.name()),
                    Text.of(
                            "{}",
                            String.join(
                                    ", ",
                                    laid.legs().stream().map(Passage::name).toList())),
                    Text.of(laid.neededM(), Unit.METRE),
                    Text.of(laid.suppliedM(), Unit.METRE),
                    Text.of(laid.spareM(), Unit.METRE),
                    Text.of(laid.nearM(), Unit.METRE)));
        }
        return rows;
    }
}
