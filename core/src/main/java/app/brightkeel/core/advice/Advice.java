package app.brightkeel.core.advice;

import app.brightkeel.core.advice.Front.Point;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import app.brightkeel.core.sonar.Suitability;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * What a search comes to: a few rigs by name, all of the front, and which wish is in the way.
 *
 * @param tally  of what was looked at, and what each rule ruled out
 * @param named  a few rigs that one may choose among, what is enough first
 * @param front  all that no other beats, by their ids
 * @param relax  where no rig keeps within the wishes: the least by which they are to give
 */
public record Advice(Tally tally, List<Advised> named, List<Standing> front, List<Relaxed> relax) {

    /** Of so many things a rig gives up at most so many are told. */
    private static final int TOLD = 3;

    public Advice {
        named = List.copyOf(named);
        front = List.copyOf(front);
        relax = List.copyOf(relax);
    }

    /** @param id by which it is made again: {@link Space#choice} */
    public record Standing(String id, Worth worth) {}

    /** @param now whether the rig has it already */
    public record Answer(RigAxis axis, Text label, boolean now) {}

    /**
     * A rig with a name.
     *
     * @param wins  what it is named for, and what it does better than the first of them
     * @param gives what it does worse than that; of the first, than the best of each
     */
    public record Advised(String id, List<Title> titles, List<Answer> answers, Worth worth, Text wins, Text gives) {}

    /** A wish that has to give: from what it is to what would fill the front. */
    public record Relaxed(Good good, double from, double to) {}

    /** @param wishes the least or most of something; of what nothing is wished nothing stands there */
    static Advice of(Space space, Search.Found found, Map<Good, Double> wishes) {
        return of(space, found, wishes, point -> enough(space, point));
    }

    /** @param enough whether nothing dearer than that is needed for this water: {@link #enough} */
    static Advice of(Space space, Search.Found found, Map<Good, Double> wishes, Predicate<Point> enough) {
        List<Point> within = found.points().stream()
                .filter(point -> wishes.entrySet().stream()
                        .allMatch(wish -> wish.getKey().within(point.worth(), wish.getValue())))
                .toList();
        List<Standing> front = within.stream()
                .map(point -> new Standing(space.id(point.choice()), point.worth()))
                .toList();
        return new Advice(found.tally(), named(space, within, enough), front, relaxed(found.points(), within, wishes));
    }

    private static List<Advised> named(Space space, List<Point> points, Predicate<Point> enough) {
        Map<Point, List<Title>> titles = new LinkedHashMap<>();
        for (Title title : Title.values()) {
            title.of(points, enough)
                    .ifPresent(point -> titles.computeIfAbsent(point, each -> new ArrayList<>())
                            .add(title));
        }
        List<Advised> named = new ArrayList<>();
        Optional<Point> first = titles.keySet().stream().findFirst();
        titles.forEach((point, won) -> named.add(new Advised(
                space.id(point.choice()),
                won,
                space.answers(point.choice()),
                point.worth(),
                first.filter(each -> each != point)
                        .map(each -> told(point.worth(), each.worth(), 1))
                        .orElse(Text.of("")),
                first.filter(each -> each != point)
                        .map(each -> told(point.worth(), each.worth(), -1))
                        .orElseGet(() -> behind(point, points)))));
        return named;
    }

    /** Whether its transducer does for this water and this fishing all that can be asked. */
    static boolean enough(Space space, Point point) {
        Line line = space.rig(point.choice()).map(Line::of).orElse(space.base());
        Water water = line.rig().outing().water();
        return line.get(SonarStage.STAGE).map(SonarState::sights).orElse(List.of()).stream()
                .anyMatch(sight -> Suitability.of(sight, water).meetsTheGoal());
    }

    /** @param side 1 for what it does better than another, −1 for what worse; what differs most first */
    static Text told(Worth one, Worth other, int side) {
        return joined(Stream.of(Good.values())
                .filter(good -> good.steps(one, other) * side > 0.5)
                .sorted(Comparator.comparingDouble(good -> -good.steps(one, other) * side))
                .map(good -> good.than(one, other)));
    }

    /** What others of the front do better. */
    private static Text behind(Point point, List<Point> all) {
        record Ahead(Good good, Worth best) {}
        Text others = joined(Stream.of(Good.values())
                .map(good -> new Ahead(
                        good,
                        all.stream()
                                .map(Point::worth)
                                .min(Comparator.comparingDouble(each -> -good.steps(each, point.worth())))
                                .orElseThrow()))
                .filter(ahead -> ahead.good().steps(ahead.best(), point.worth()) > 0.5)
                .sorted(Comparator.comparingDouble(ahead -> -ahead.good().steps(ahead.best(), point.worth())))
                .map(ahead -> ahead.good().than(ahead.best(), point.worth())));
        return others.plain().isEmpty() ? others : Text.of("among the others: {}", others);
    }

    private static Text joined(Stream<Text> texts) {
        return texts.limit(TOLD)
                .reduce((all, next) -> Text.of("{}, {}", all, next))
                .orElse(Text.of(""));
    }

    /** One wish that gives, where that is enough, each by its least; else all that the nearest rig goes beyond. */
    private static List<Relaxed> relaxed(List<Point> points, List<Point> within, Map<Good, Double> wishes) {
        if (!within.isEmpty() || points.isEmpty()) {
            return List.of();
        }
        List<Relaxed> one = new ArrayList<>();
        wishes.forEach((good, limit) -> points.stream()
                .map(Point::worth)
                .filter(worth -> wishes.entrySet().stream()
                        .allMatch(other ->
                                other.getKey() == good || other.getKey().within(worth, other.getValue())))
                .min(Comparator.comparingDouble(worth -> good.more() ? -good.of(worth) : good.of(worth)))
                .ifPresent(worth -> one.add(new Relaxed(good, limit, good.of(worth)))));
        if (!one.isEmpty()) {
            return one;
        }
        return points.stream()
                .map(point -> beyond(point.worth(), wishes))
                .min(Comparator.comparingInt((List<Relaxed> all) -> all.size())
                        .thenComparingDouble(all -> all.stream()
                                .mapToDouble(each -> each.good().far(each.from(), each.to()))
                                .sum()))
                .orElse(List.of());
    }

    private static List<Relaxed> beyond(Worth worth, Map<Good, Double> wishes) {
        return wishes.entrySet().stream()
                .filter(wish -> !wish.getKey().within(worth, wish.getValue()))
                .map(wish -> new Relaxed(
                        wish.getKey(), wish.getValue(), wish.getKey().of(worth)))
                .toList();
    }
}
