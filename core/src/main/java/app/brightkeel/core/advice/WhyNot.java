package app.brightkeel.core.advice;

import app.brightkeel.core.advice.Front.Point;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Verdict;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * Why an answer is not among what is advised.
 *
 * @param says    in a sentence: it is there, it is beaten, or it cannot be
 * @param rules   what fails in the nearest rig with it, worst first; none where one with it holds
 * @param tried   that rig, by its id; empty where one holds, or none can be put together
 * @param with    the best rig with it that holds, by its id; empty where none does
 * @param nearest the advised rig it was held against, by its id; empty where nothing at all holds
 * @param costs   what wanting it costs against that one; no words where none holds
 * @param broken  of rigs with it, how many each rule ruled out
 */
public record WhyNot(
        Text says,
        List<Finding> rules,
        Optional<String> tried,
        Optional<String> with,
        Optional<String> nearest,
        Text costs,
        Map<String, Long> broken) {

    /** Cheapest first, and among those the lightest: what a person compares with. */
    static final Comparator<Point> PLAINEST = Comparator.comparingDouble(
                    (Point point) -> point.worth().price())
            .thenComparingDouble(point -> point.worth().massKg());

    /** @param found of the whole space */
    static WhyNot of(Space space, Search.Found found, Option asked, BooleanSupplier stop) {
        Space only = space.only(asked);
        Search.Found with = Search.of(only, stop, done -> {});
        Optional<Point> best = with.points().stream().min(PLAINEST);
        return best.map(point -> beaten(space, found, asked, whole(space, asked, point), with.tally()))
                .orElseGet(() -> ruledOut(space, found, asked, with.tally()));
    }

    /** The same rig by the places of its answers in the whole space. */
    private static Point whole(Space space, Option asked, Point point) {
        int[] choice = point.choice().clone();
        choice[asked.axis().ordinal()] = space.options(asked.axis()).indexOf(asked);
        return new Point(point.worth(), choice);
    }

    private static WhyNot beaten(Space space, Search.Found found, Option asked, Point point, Tally tally) {
        Optional<Point> there = found.points().stream()
                .filter(each -> each.choice()[asked.axis().ordinal()]
                        == point.choice()[asked.axis().ordinal()])
                .min(PLAINEST);
        if (there.isPresent()) {
            return new WhyNot(
                    Text.of("It is among them: {}.", asked.label()),
                    List.of(),
                    Optional.empty(),
                    Optional.of(space.id(there.get().choice())),
                    Optional.empty(),
                    Text.of(""),
                    tally.broken());
        }
        Optional<Point> better = found.points().stream()
                .filter(each -> each.worth().covers(point.worth()))
                .min(PLAINEST);
        Optional<Point> against = better.or(() -> found.points().stream().min(PLAINEST));
        Text costs = against.map(each -> Advice.told(point.worth(), each.worth(), -1))
                .orElse(Text.of(""));
        String says = better.isEmpty()
                ? "It was not among the answers that were gone through, and it holds: {}."
                : costs.plain().isEmpty()
                        ? "It holds, and is worth as much as another that is shown: {}."
                        : "It holds, but another does as well in everything and better in something: {}.";
        return new WhyNot(
                Text.of(says, asked.label()),
                List.of(),
                Optional.empty(),
                Optional.of(space.id(point.choice())),
                against.map(each -> space.id(each.choice())),
                costs,
                tally.broken());
    }

    /** By the rig that is advised, with this one answer in it. */
    private static WhyNot ruledOut(Space space, Search.Found found, Option asked, Tally tally) {
        Optional<Point> nearest = found.points().stream().min(PLAINEST);
        int[] choice = nearest.map(each -> each.choice().clone()).orElseGet(() -> new int[RigAxis.values().length]);
        choice[asked.axis().ordinal()] = space.options(asked.axis()).indexOf(asked);
        List<Finding> rules = space.line(choice)
                .map(line -> Reasons.findings(line, Verdict.FAILS))
                .orElse(List.of());
        long looked = tally.broken().values().stream().mapToLong(each -> each).sum();
        return new WhyNot(
                looked == 0
                        ? Text.of("It cannot be put together with anything here: {}.", asked.label())
                        : Text.of("Of {} rigs with it none holds: {}.", new Amount(looked, Unit.COUNT), asked.label()),
                rules,
                rules.isEmpty() ? Optional.empty() : Optional.of(space.id(choice)),
                Optional.empty(),
                nearest.map(each -> space.id(each.choice())),
                Text.of(""),
                tally.broken());
    }
}
