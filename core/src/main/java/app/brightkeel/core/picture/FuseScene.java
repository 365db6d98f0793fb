package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.protection.Adiabatic;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.FuseTables;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * Time against current of one fuse, both by logarithms: its load and start, when it opens, what the wire stands, what a
 * short draws at either end, and the bands of the fuses before and behind it.
 */
final class FuseScene {

    private static final double SHORTEST_S = 0.01;
    private static final double LONGEST_S = 1000;

    /** A start lasts less than a second. */
    private static final double START_S = 1;

    /** More charts than a person looks through are not drawn; the table under Why holds every fuse. */
    private static final int MOST_CHARTS = 6;

    private final Line line;
    private final FuseDuty fuse;
    private final List<FuseDuty> neighbours;
    private final Drawing drawing = new Drawing();
    private final double low;
    private final double high;
    private int steps;

    private FuseScene(Line line, ProtectionState state, FuseDuty fuse) {
        this.line = line;
        this.fuse = fuse;
        int mine = state.fuses().indexOf(fuse);
        neighbours = IntStream.range(0, state.fuses().size())
                .filter(f -> f == fuse.place().upstream()
                        || state.fuses().get(f).place().upstream() == mine)
                .mapToObj(state.fuses()::get)
                .toList();
        double least = neighbours.stream().mapToDouble(FuseDuty::ratingA).reduce(fuse.ratingA(), Math::min);
        double most = neighbours.stream().mapToDouble(FuseDuty::ratingA).reduce(fuse.ratingA(), Math::max);
        low = Math.min(0.5 * least, Math.max(0.05, 0.35 * fuse.loadA()));
        high = Math.max(
                20 * most,
                1.5 * Math.max(fuse.zone().ampacityA(), Math.min(fuse.sourceShortA(), 1000 * fuse.ratingA())));
    }

    /** The main fuse first, then where all of them sit, then the others; or what is missing for them. */
    static List<Outcome<Scene>> all(Line line) {
        Outcome<ProtectionState> outcome = line.get(Protection.STAGE);
        if (!outcome.isKnown()) {
            return List.of(new Outcome.Missing<>(outcome.missing()));
        }
        ProtectionState state = outcome.value();
        if (state.fuses().isEmpty()) {
            return List.of(new Outcome.Missing<>(List.of("/harness/segments/0/fittings")));
        }
        FuseDuty main = state.main();
        List<Outcome<Scene>> all = new ArrayList<>();
        all.add(Outcome.known(new FuseScene(line, state, main).scene()));
        all.add(Outcome.known(FusePlaceScene.of(line, state)));
        state.fuses().stream()
                .filter(duty -> duty != main)
                .limit(MOST_CHARTS - 1)
                .map(duty -> new FuseScene(line, state, duty).scene())
                .map(Outcome::known)
                .forEach(all::add);
        return all;
    }

    private Scene scene() {
        neighbours.forEach(other -> drawing.curve(Role.GHOST, band(other.ratingA()), true));
        drawing.curve(Role.BAND, band(fuse.ratingA()), true);
        wire();
        upright(Role.CURVE, fuse.loadA(), LONGEST_S, Side.LEFT, "load {}", Unit.AMPERE);
        if (fuse.startA() > fuse.loadA() * 1.02) {
            upright(Role.RESERVE, fuse.startA(), START_S, Side.LEFT, "as it starts {}", Unit.AMPERE);
        }
        upright(Role.WANTED, fuse.ratingA(), LONGEST_S, Side.LEFT, "fuse {}", Unit.RATING);
        upright(Role.LIMIT, fuse.zone().ampacityA(), LONGEST_S, Side.RIGHT, "wire carries {}", Unit.AMPERE);
        upright(Role.QUIET, fuse.zone().farShortA(), LONGEST_S, Side.RIGHT, "short at the far end {}", Unit.AMPERE);
        upright(Role.QUIET, fuse.sourceShortA(), LONGEST_S, Side.LEFT, "short right behind it {}", Unit.AMPERE);
        names();
        Axis x = new Axis(Text.of("current"), Unit.RATING, low, high, true, Ticks.oneTwoFive(low, high));
        Axis y = new Axis(
                Text.of("seconds until it opens"),
                Unit.COUNT,
                SHORTEST_S,
                LONGEST_S,
                true,
                List.of(0.01, 0.1, 1.0, 10.0, 100.0, 1000.0));
        return new Scene(
                Text.of("{}", fuse.name()),
                Text.of("shaded: when it opens, fastest to slowest · red: what the wire stands")
                        .then(neighbourWords()),
                new Frame.Plot(x, y),
                drawing.marks(),
                new Twin(List.of("what", "current"), rows()));
    }

    /** The band by its points; beyond the last what is let through is the same, so both edges go on down. */
    private List<Point> band(double ratingA) {
        List<Point> slow = new ArrayList<>();
        List<Point> fast = new ArrayList<>();
        for (FuseTables.Opening row : FuseTables.openings()) {
            slow.add(at(row.multiple() * ratingA, row.slowestS()));
            fast.add(at(row.multiple() * ratingA, row.fastestS()));
        }
        slow.add(beyond(slow.get(slow.size() - 1)));
        fast.add(beyond(fast.get(fast.size() - 1)));
        Collections.reverse(fast);
        slow.addAll(fast);
        return slow;
    }

    private Point beyond(Point last) {
        double most = Math.max(last.x(), Math.min(high, last.x() * Math.sqrt(last.y() / SHORTEST_S)));
        double more = most / last.x();
        return at(most, Math.max(SHORTEST_S, last.y() / (more * more)));
    }

    /** Heat the weakest wire stands within the time the formula holds. */
    private void wire() {
        double from = Math.sqrt(fuse.zone().withstandA2s() / Adiabatic.LONGEST_S);
        double to = Math.min(high, Math.sqrt(fuse.zone().withstandA2s() / SHORTEST_S));
        if (from < high && to > from) {
            drawing.path(
                    Role.LIMIT,
                    1.6,
                    at(from, Adiabatic.LONGEST_S),
                    at(to, fuse.zone().withstandA2s() / (to * to)));
        }
    }

    private Text neighbourWords() {
        return Text.of(neighbours.isEmpty() ? "" : " · dashed: the fuses before and behind it");
    }

    /** The dashed bands by name, from the left, where the chart is empty; those of one rating are one band. */
    private void names() {
        Map<Double, List<FuseDuty>> alike = new TreeMap<>();
        neighbours.forEach(other ->
                alike.computeIfAbsent(other.ratingA(), any -> new ArrayList<>()).add(other));
        if (alike.isEmpty()) {
            return;
        }
        steps++;
        listed("dashed, from the left:  ");
        alike.forEach((rating, same) -> listed(
                same.size() == 1 ? "{}, {}  " : "{}, {} and others  ",
                new Amount(rating, Unit.RATING),
                same.get(0).name()));
    }

    private void listed(String words, Object... parts) {
        drawing.note(Role.QUIET, at(high, LONGEST_S), Side.LEFT, 1 + 1.3 * steps, words, parts);
        steps++;
    }

    private List<List<Text>> rows() {
        List<List<Text>> rows = new ArrayList<>(List.of(
                List.of(Text.of("load, everything on at the lowest volts"), Text.of(fuse.loadA(), Unit.AMPERE)),
                List.of(Text.of("as it starts"), Text.of(fuse.startA(), Unit.AMPERE)),
                List.of(Text.of("rating"), Text.of(fuse.ratingA(), Unit.RATING)),
                List.of(
                        Text.of("the thinnest wire behind it carries"),
                        Text.of(fuse.zone().ampacityA(), Unit.AMPERE)),
                List.of(
                        Text.of("short circuit at the far end"),
                        Text.of(fuse.zone().farShortA(), Unit.AMPERE)),
                List.of(Text.of("dead short at the fuse"), Text.of(fuse.sourceShortA(), Unit.AMPERE)),
                List.of(Text.of("it can break"), Text.of(fuse.breakingA(), Unit.AMPERE)),
                List.of(
                        Text.of("heat it may let through"),
                        Text.of(fuse.zone().letThrough().a2s(), Unit.AMPERE_SQUARED_SECOND)),
                List.of(
                        Text.of("heat the weakest wire stands"),
                        Text.of(fuse.zone().withstandA2s(), Unit.AMPERE_SQUARED_SECOND))));
        fuse.devices()
                .forEach(d -> rows.add(List.of(
                        Text.of("it guards"),
                        Text.of("{}", line.rig().devices().get(d).name()))));
        for (FuseDuty other : neighbours) {
            rows.add(List.of(Text.of("{}", other.name()), Text.of(other.ratingA(), Unit.RATING)));
        }
        return rows;
    }

    /** Lines stand side by side, so their labels go down in steps; far right they stand on the left. */
    private void upright(Role role, double amps, double topS, Side side, String words, Unit unit) {
        if (amps > low && amps < high) {
            Role label = role == Role.QUIET || role == Role.RESERVE ? Role.QUIET : Role.LABEL;
            drawing.path(role, 1, at(amps, SHORTEST_S), at(amps, topS))
                    .note(
                            label,
                            at(amps, topS),
                            side,
                            topS < LONGEST_S ? -0.3 : 1 + 1.3 * steps,
                            side == Side.RIGHT ? "  " + words : words + "  ",
                            new Amount(amps, unit));
            steps++;
        }
    }
}
