package app.brightkeel.core.review.whole;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.change.part.PartChanges;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Alternatives for one link, best first, each with what it does to every link.
 *
 * <p>Best is: fewest links fail, then fewest want something, then fewest are close, then what is there already, then the least effort, then the link's
 * own score, then its order, which puts the smallest first: enough is enough. Nothing wins by points over what is there.
 */
public final class Comparison {

    /** What no alternative is just like stands in Compare by itself. */
    private static final String AS_IT_IS = "as-it-is";

    /** Offers of {@link #wider} that are shown. */
    private static final int MOST_WIDER = 20;

    /** The links by which wider alternatives are sifted, the cheap ones to judge first. */
    private static final List<Link> SIFTED_BY = List.of(Link.MOUNT, Link.TRANSDUCER, Link.CABLE);

    private Comparison() {}

    /**
     * One alternative.
     *
     * @param planned whether it is what the rig has
     * @param after   the compared link after it
     * @param fails   words of every rule that fails with it
     * @param wins    what it does better than what is planned
     * @param loses   what it does worse
     * @param reasons what else is to be known of it
     * @param stands  of what is planned, why it stands or does not, in a line; no words of anything else
     * @param measures by which the rows may be ordered otherwise
     * @param effects on every link that moves
     */
    public record Offer(
            String id,
            Text label,
            Effort effort,
            boolean planned,
            LinkState after,
            List<Text> fails,
            List<Text> wins,
            List<Text> loses,
            List<Text> reasons,
            Text stands,
            List<LinkReview.Measure> measures,
            List<Change.Effect> effects) {

        private Offer standing(Text why) {
            return new Offer(id, label, effort, planned, after, fails, wins, loses, reasons, why, measures, effects);
        }
    }

    private record Ranked(Offer offer, long failing, long open, long closes, LinkReview.Merit merit) {

        private WhyPlanned.Row row() {
            return new WhyPlanned.Row(offer.label(), failing, closes, offer.fails(), merit);
        }
    }

    private static final Text UNSAID = Text.of("");

    /** All alternatives of a link with what is planned among them. */
    public static List<Offer> of(Line line, Link link, RigReviewer reviewer) {
        return of(line, link, List.of(), reviewer);
    }

    /** @param own what the person could take instead, beside all that the link knows */
    public static List<Offer> of(Line line, Link link, List<Change> own, RigReviewer reviewer) {
        List<LinkState> before = reviewer.states(line);
        List<Change> all = new ArrayList<>(withPlanned(line, link));
        all.addAll(own);
        return sorted(all.parallelStream()
                .map(change -> ranked(line, before, change, link, reviewer))
                .toList());
    }

    private static List<Offer> sorted(List<Ranked> offers) {
        List<Ranked> best = offers.stream()
                .sorted(Comparator.comparingLong(Ranked::failing)
                        .thenComparingLong(Ranked::open)
                        .thenComparingLong(Ranked::closes)
                        .thenComparing(r -> !r.offer().planned())
                        .thenComparing(r -> r.offer().effort())
                        .thenComparing(Comparator.comparingDouble(
                                        (Ranked r) -> r.merit().score())
                                .reversed()))
                .toList();
        return best.stream()
                .map(each -> each.offer().planned()
                        ? each.offer()
                                .standing(WhyPlanned.of(
                                        each.row(),
                                        best.stream()
                                                .filter(other -> other != each)
                                                .map(Ranked::row)
                                                .toList()))
                        : each.offer())
                .toList();
    }

    private record Tried(Change change, Line then, long closes) {}

    /** The best of what is compared together with other links: sifted by what they decide, the best then judged whole. */
    public static List<Offer> wider(Line line, Link link, RigReviewer reviewer) {
        List<LinkState> before = reviewer.states(line);
        List<Tried> left = Links.of(link).wider(line).stream()
                .map(change -> new Tried(change, line.with(change.after()), 0))
                .toList();
        for (Link by : SIFTED_BY) {
            left = sifted(left, by, reviewer);
        }
        return sorted(left.stream()
                .sorted(Comparator.comparingLong(Tried::closes))
                .limit(MOST_WIDER)
                .parallel()
                .map(tried -> ranked(line, before, tried.change(), link, reviewer))
                .toList());
    }

    /** Without those that fail a link, as long as enough are left. */
    private static List<Tried> sifted(List<Tried> all, Link by, RigReviewer reviewer) {
        record Judged(Tried tried, Verdict verdict) {}
        List<Judged> judged = all.parallelStream()
                .map(tried -> new Judged(tried, reviewer.state(tried.then(), by).verdict()))
                .toList();
        boolean enough =
                judged.stream().filter(each -> each.verdict() != Verdict.FAILS).count() >= MOST_WIDER;
        return judged.stream()
                .filter(each -> !enough || each.verdict() != Verdict.FAILS)
                .map(each -> {
                    long more = each.verdict() == Verdict.HOLDS ? 0 : each.verdict() == Verdict.CLOSE ? 1 : 2;
                    return new Tried(
                            each.tried().change(),
                            each.tried().then(),
                            each.tried().closes() + more);
                })
                .toList();
    }

    private static Ranked ranked(Line line, List<LinkState> before, Change change, Link link, RigReviewer reviewer) {
        Line then = line.with(change.after());
        List<LinkState> states = reviewer.states(then);
        LinkReview shown = Links.of(link);
        LinkReview.Merit merit = shown.merit(line, then);
        Against against = Against.of(line, then, shown, merit, reviewer);
        Offer offer = new Offer(
                change.id(),
                change.label(),
                change.effort(),
                change.after().equals(line.entered()),
                states.get(link.ordinal()),
                against.fails(),
                against.wins(),
                against.loses(),
                notes(merit, against, change.after().equals(line.entered())),
                UNSAID,
                merit.measures(),
                Change.moved(before, states));
        return new Ranked(
                offer, count(states, Verdict.FAILS), count(states, Verdict.UNSET), count(states, Verdict.CLOSE), merit);
    }

    /** What is not said as won or lost; where nothing is won or lost, that. */
    private static List<Text> notes(LinkReview.Merit merit, Against against, boolean planned) {
        List<Text> notes = new ArrayList<>(merit.notes());
        notes.removeIf(against::tells);
        if (!planned && against.isEmpty()) {
            notes.add(Text.of("nothing that is judged tells it from what is planned"));
        }
        return List.copyOf(notes);
    }

    /** What is planned stands once, however many alternatives come to it. */
    private static List<Change> withPlanned(Line line, Link link) {
        LinkReview shown = Links.of(link);
        List<Change> all = new ArrayList<>();
        boolean planned = false;
        for (Change change : shown.alternatives(line)) {
            boolean same = change.after().equals(line.entered());
            if (!same || !planned) {
                all.add(change);
            }
            planned |= same;
        }
        // where nothing is planned yet nothing stands among what could be
        if (!all.isEmpty() && !planned && !shown.planned(line).plain().isBlank()) {
            all.add(asItIs(line, shown));
        }
        return all;
    }

    private static Change asItIs(Line line, LinkReview link) {
        return new Change(Table.written(link.link()) + "." + AS_IT_IS, link.planned(line), Effort.BUY, line.entered());
    }

    /** The change with this id, made of what the id says; of several that follow each other, all of them. */
    public static Optional<Change> find(Line line, String id) {
        return find(line, id, (of, asked) -> Optional.empty());
    }

    /** @param own makes those that no link knows of by itself */
    public static Optional<Change> find(Line line, String id, ChangeKind own) {
        int last = id.lastIndexOf(Change.AND);
        return last < 0
                ? own.made(line, id).or(() -> made(line, id))
                : find(line, id.substring(0, last), own)
                        .flatMap(first -> find(line.with(first.after()), id.substring(last + 1), own)
                                .map(first::and));
    }

    private static Optional<Change> made(Line line, String id) {
        String[] words = id.split("\\.", 3);
        if (words.length < 2) {
            return Optional.empty();
        }
        Optional<LinkReview> link = Stream.of(Link.values())
                .filter(each -> Table.written(each).equals(words[0]))
                .map(Links::of)
                .findFirst();
        if (words[1].equals(Filling.ID)) {
            return link.flatMap(each -> Filling.of(line, id, new RigReviewer()));
        }
        if (words[1].equals(MendAll.ID)) {
            return link.flatMap(each -> MendAll.of(line, id, new RigReviewer()));
        }
        return words[1].equals(AS_IT_IS)
                ? link.map(each -> asItIs(line, each))
                : link.flatMap(each -> Optional.ofNullable(each.kinds().get(words[1]))
                                .or(() -> PartChanges.kind(words[0], words[1])))
                        .flatMap(kind -> kind.made(line, id));
    }

    private static long count(List<LinkState> states, Verdict verdict) {
        return states.stream().filter(s -> s.verdict() == verdict).count();
    }
}
