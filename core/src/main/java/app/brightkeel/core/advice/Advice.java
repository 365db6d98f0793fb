package app.brightkeel.core.advice;

import app.brightkeel.core.advice.Front.Point;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Link;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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

    /**
     * @param now     whether the rig has it already
     * @param because what would be with the one it has; no words where that was not asked, or makes no difference
     */
    public record Answer(RigAxis axis, Text label, boolean now, Text because) {}

    /** Something that holds by little, and on which link. */
    public record Tight(Link link, Text says) {}

    /**
     * A rig with a name.
     *
     * @param wins  what it is named for, and what it does better than the first of them
     * @param gives   what it does worse than that; of the first, than the best of each
     * @param answers with reasons
     * @param surely  how long it lasts on nine days of ten; no words where that is open
     * @param tight   what holds by little
     */
    public record Advised(
            String id,
            List<Title> titles,
            List<Answer> answers,
            Worth worth,
            Text wins,
            Text gives,
            Text surely,
            List<Tight> tight) {}

    /** A wish that has to give: from what it is to what would fill the front. */
    public record Relaxed(Good good, double from, double to) {}

    /** @param wishes the least or most of something; of what nothing is wished nothing stands there */
    static Advice of(Space space, Search.Found found, Map<Good, Double> wishes) {
        return of(space, found, wishes, new Shortlist(space));
    }

    /** @param shortlist that knows what was asked with other wishes */
    static Advice of(Space space, Search.Found found, Map<Good, Double> wishes, Shortlist shortlist) {
        List<Point> within = found.points().stream()
                .filter(point -> wishes.entrySet().stream()
                        .allMatch(wish -> wish.getKey().within(point.worth(), wish.getValue())))
                .toList();
        List<Standing> front = within.stream()
                .map(point -> new Standing(space.id(point.choice()), point.worth()))
                .toList();
        return new Advice(
                found.tally(), named(space, within, shortlist), front, relaxed(found.points(), within, wishes));
    }

    private static List<Advised> named(Space space, List<Point> points, Shortlist shortlist) {
        Map<Point, List<Title>> titles = new LinkedHashMap<>();
        for (Title title : Title.values()) {
            title.of(points, shortlist::enough)
                    .ifPresent(point -> titles.computeIfAbsent(point, each -> new ArrayList<>())
                            .add(title));
        }
        return titles.keySet().stream()
                .map(point -> advised(space, points, titles, point, shortlist))
                .toList();
    }

    /** One of the front beside the first of those by name, whether it has a name itself or none. */
    static Optional<Advised> advised(Space space, Search.Found found, Advice advice, String id, Shortlist shortlist) {
        Map<Point, List<Title>> titles = new LinkedHashMap<>();
        Map<String, Point> points = new LinkedHashMap<>();
        found.points().forEach(point -> points.put(space.id(point.choice()), point));
        for (Advised each : advice.named()) {
            Optional.ofNullable(points.get(each.id())).ifPresent(point -> titles.put(point, each.titles()));
        }
        return Optional.ofNullable(points.get(id))
                .map(point -> advised(space, found.points(), titles, point, shortlist));
    }

    private static Advised advised(
            Space space, List<Point> points, Map<Point, List<Title>> titles, Point point, Shortlist shortlist) {
        Optional<Point> other = titles.keySet().stream().findFirst().filter(each -> each != point);
        Shortlist.Look look = shortlist.look(point);
        return new Advised(
                space.id(point.choice()),
                titles.getOrDefault(point, List.of()),
                look.answers(),
                point.worth(),
                other.map(each -> told(point.worth(), each.worth(), 1)).orElse(Text.of("")),
                other.map(each -> told(point.worth(), each.worth(), -1)).orElseGet(() -> behind(point, points)),
                look.surely(),
                look.tight());
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
