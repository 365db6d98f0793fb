package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.advice.Advice;
import app.brightkeel.core.advice.Advisor;
import app.brightkeel.core.advice.Good;
import app.brightkeel.core.advice.Title;
import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Text;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Rigs that nothing beats, by two of what they are measured by; those that nothing beats in these two alone stand on a line. */
public final class FrontScene {

    /** Of the axes, left free at either end. */
    private static final double MARGIN = 0.08;

    /** Of the axes, what may be pointed at around a rig. */
    private static final double HAND = 0.014;

    /** An axis is at least so many steps long: its marks are told apart. */
    private static final double LEAST_STEPS = 10;

    private FrontScene() {}

    /** Rigs that stand in one place of the picture: the first of them is meant. */
    private record Stand(double across, double up, String id, List<String> names, int rigs) {

        private String called() {
            return String.join(", ", names);
        }
    }

    /**
     * @param across that is measured from left to right
     * @param up     that is measured upwards, another than that
     */
    public static Scene of(Advice advice, Good across, Good up) {
        List<Stand> all = stands(advice, across, up);
        Axis x = axis(across, all.stream().map(Stand::across).toList());
        Axis y = axis(up, all.stream().map(Stand::up).toList());
        List<Stand> best = best(all, across, up);
        Drawing drawing = new Drawing().line(Role.QUIET, 1, stair(best));
        for (Stand each : all) {
            Point here = at(each.across(), each.up());
            drawing.spot(best.contains(each) ? Role.JUNCTION : Role.GHOST, here);
            if (!each.names().isEmpty()) {
                boolean right = each.across() < (x.low() + x.high()) / 2;
                drawing.spot(Role.MASS, here)
                        .note(
                                Role.LABEL,
                                here,
                                right ? Side.RIGHT : Side.LEFT,
                                0.3,
                                right ? "    {}" : "{}    ",
                                each.called());
            }
        }
        double dx = HAND * (x.high() - x.low());
        double dy = HAND * (y.high() - y.low());
        for (Stand each : all) {
            drawing.pick(
                    Advisor.CHANGE + each.id(),
                    List.of(
                            at(each.across() - dx, each.up() - dy),
                            at(each.across() + dx, each.up() - dy),
                            at(each.across() + dx, each.up() + dy),
                            at(each.across() - dx, each.up() + dy)),
                    each.names().isEmpty() ? "a rig of {} {} and {} {}" : each.called() + ": {} {}, {} {}",
                    across.amount(each.across()),
                    across.words(),
                    up.amount(each.up()),
                    up.words());
        }
        return new Scene(
                Text.of("{} by {}", up.words(), across.words()),
                Text.of(all.isEmpty() ? "no rig here holds" : "ringed: by name · solid: nothing beats it in these two"),
                new Frame.Plot(x, y),
                drawing.marks(),
                twin(all, best, across, up));
    }

    private static List<Stand> stands(Advice advice, Good across, Good up) {
        Map<String, List<String>> names = advice.named().stream()
                .collect(Collectors.toMap(
                        Advice.Advised::id,
                        each -> each.titles().stream().map(Title::words).toList()));
        Map<List<Double>, List<Advice.Standing>> places = new LinkedHashMap<>();
        for (Advice.Standing each : advice.front()) {
            places.computeIfAbsent(List.of(across.of(each.worth()), up.of(each.worth())), place -> new ArrayList<>())
                    .add(each);
        }
        return places.entrySet().stream()
                .map(place -> {
                    List<Advice.Standing> here = place.getValue();
                    Advice.Standing meant = here.stream()
                            .filter(each -> names.containsKey(each.id()))
                            .findFirst()
                            .orElse(here.get(0));
                    return new Stand(
                            place.getKey().get(0),
                            place.getKey().get(1),
                            meant.id(),
                            here.stream()
                                    .flatMap(each -> names.getOrDefault(each.id(), List.of()).stream())
                                    .toList(),
                            here.size());
                })
                .sorted(Comparator.comparingDouble(Stand::across).thenComparingDouble(Stand::up))
                .toList();
    }

    /** Those that no other beats in the two, from left to right. */
    private static List<Stand> best(List<Stand> all, Good across, Good up) {
        return all.stream()
                .filter(each -> all.stream()
                        .noneMatch(other -> other != each
                                && atLeast(across, other.across(), each.across())
                                && atLeast(up, other.up(), each.up())))
                .toList();
    }

    private static boolean atLeast(Good good, double one, double other) {
        return good.more() ? one >= other : one <= other;
    }

    private static List<Point> stair(List<Stand> best) {
        return best.stream().map(each -> at(each.across(), each.up())).toList();
    }

    private static Axis axis(Good good, List<Double> all) {
        double low = all.stream().mapToDouble(each -> each).min().orElse(0);
        double high = all.stream().mapToDouble(each -> each).max().orElse(1);
        double wide = Math.max(high - low, LEAST_STEPS * good.step());
        double middle = (low + high) / 2;
        double from = middle - (0.5 + MARGIN) * wide;
        double to = middle + (0.5 + MARGIN) * wide;
        return new Axis(Text.of(good.words()), good.amount(0).unit(), from, to, false, Ticks.linear(from, to, 6));
    }

    private static Twin twin(List<Stand> all, List<Stand> best, Good across, Good up) {
        return new Twin(
                List.of(across.words(), up.words(), "rigs", "by name", "beaten in these two"),
                Stream.concat(
                                best.stream(),
                                all.stream()
                                        .filter(each -> !best.contains(each)
                                                && !each.names().isEmpty()))
                        .map(each -> List.of(
                                Text.of("{}", across.amount(each.across())),
                                Text.of("{}", up.amount(each.up())),
                                Text.of("" + each.rigs()),
                                Text.of(each.called()),
                                Text.of(best.contains(each) ? "no" : "yes")))
                        .toList());
    }
}
