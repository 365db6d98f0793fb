package app.brightkeel.core.review;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Alternatives for one link, best first, each with what it does to every link.
 *
 * <p>Best is: fewest links fail, then fewest are close, then the least effort, then the order of the link itself, which
 * puts the smallest first: enough is enough.
 */
public final class Comparison {

    private Comparison() {}

    /**
     * One alternative.
     *
     * @param planned whether it is what the rig has
     * @param after   the compared link after it
     * @param effects on every link that moves
     */
    public record Offer(
            String id, Text label, Effort effort, boolean planned, LinkState after, List<Change.Effect> effects) {}

    private record Ranked(Offer offer, long fails, long closes) {}

    /** All alternatives of a link; none where it is not built yet. */
    public static List<Offer> of(Line line, Link link, RigReviewer reviewer) {
        List<Ranked> all = new ArrayList<>();
        for (Change change :
                Links.of(link).map(shown -> shown.alternatives(line)).orElse(List.of())) {
            Line then = line.with(change.after());
            List<LinkState> states = new ArrayList<>();
            for (Link each : Link.values()) {
                states.add(reviewer.state(then, each));
            }
            boolean planned = change.after().equals(line.entered());
            Offer offer = new Offer(
                    change.id(),
                    change.label(),
                    change.effort(),
                    planned,
                    states.get(link.ordinal()),
                    change.effects(line, reviewer));
            all.add(new Ranked(offer, count(states, Verdict.FAILS), count(states, Verdict.CLOSE)));
        }
        all.sort(Comparator.comparingLong(Ranked::fails)
                .thenComparingLong(Ranked::closes)
                .thenComparing(r -> r.offer().effort()));
        return all.stream().map(Ranked::offer).toList();
    }

    /** The change with this id, among the cures of what the review found and the alternatives of every link. */
    public static java.util.Optional<Change> find(Line line, String id) {
        for (Link link : Link.values()) {
            List<Change> offered =
                    Links.of(link).map(shown -> shown.alternatives(line)).orElse(List.of());
            for (Change change : offered) {
                if (change.id().equals(id)) {
                    return java.util.Optional.of(change);
                }
            }
        }
        return Rules.ALL.stream()
                .flatMap(rule -> rule.cures(line).stream())
                .filter(change -> change.id().equals(id))
                .findFirst();
    }

    private static long count(List<LinkState> states, Verdict verdict) {
        return states.stream().filter(s -> s.verdict() == verdict).count();
    }
}
