package app.brightkeel.core.review.whole;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.review.Remedy.Cure;
import app.brightkeel.core.review.Remedy.Mending;
import app.brightkeel.core.review.Ruling;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Finds for one line what may be done about its findings. Rules name changes; each is judged by the whole rig. One that
 * mends a part of several is followed by more of its kind, one that breaks something by what mends that.
 */
final class Remedies {

    /** A handful is a choice; rules name the small and cheap ones first. */
    private static final int MOST_OFFERED = 5;

    /** Changes that are tried at all: each is a rig to be filled and judged. */
    private static final int MOST_TRIES = 60;

    /** Bigger than enough is passed over; after so many, what follows is no better. */
    private static final int MOST_PASSED = 4;

    /** Steps and trades that are followed further, where not enough else cures. */
    private static final int MOST_FOLLOWED = 6;

    /** What is not whole is offered beside what is only so often. */
    private static final int MOST_BESIDE = 2;

    /** Nearer by less than this is not nearer. */
    private static final double LEAST_NEARER = 0.01;

    private static final Comparator<Tried> LEAST_FIRST = Comparator.comparingInt(Tried::weight)
            .thenComparing((Tried tried) -> tried.ruling().verdict(), Comparator.reverseOrder())
            .thenComparing(tried -> tried.change().effort());

    private final Line line;
    private final RigReviewer reviewer;

    /** Several rules try the same change: what the first one computed serves the next. */
    private final Map<String, Line> known = new HashMap<>();

    Remedies(Line line, RigReviewer reviewer) {
        this.line = line;
        this.reviewer = reviewer;
    }

    /** What was found of what may be done about one finding, while it is looked for. */
    private static final class Found {
        private final List<Tried> cures = new ArrayList<>();
        private final List<Tried> helps = new ArrayList<>();
        private final List<Tried> trades = new ArrayList<>();
        private int tries;

        /** What came nearest of what is too little to be worth its words. */
        private Optional<Vain> vain = Optional.empty();

        void addVain(Ruling before, Vain one) {
            double nearest = vain.map(each -> each.after().headroom()).orElse(before.headroom() + LEAST_NEARER);
            if (one.after().verdict() != Verdict.UNSET && one.after().headroom() > nearest) {
                vain = Optional.of(one);
            }
        }

        void add(Tried tried) {
            List<Tried> where = tried.weight() > 0 ? trades : tried.whole() ? cures : helps;
            where.add(tried);
        }
    }

    /** A change after which the rule finds hardly less than before. */
    private record Vain(Change change, Ruling after) {}

    /** A change as it will be offered. */
    record Proposed(Tried tried, Mending mending) {}

    /** @param ruling of a rule that does not hold */
    Remedy of(Ruling ruling) {
        Found found = found(ruling);
        List<Cure> offers = proposed(found).stream()
                .map(each -> each.tried().offer(each.mending()))
                .toList();
        return new Remedy(ruling.rule().id(), offers, offers.isEmpty() ? without(ruling, found) : Text.of(""));
    }

    /** The same with the rigs they lead to. */
    List<Proposed> proposed(Ruling ruling) {
        return proposed(found(ruling));
    }

    private Found found(Ruling ruling) {
        Found found = new Found();
        single(ruling, found);
        if (found.cures.size() < MOST_OFFERED) {
            follow(ruling, found);
        }
        return found;
    }

    /** Each change that the rule names. */
    private void single(Ruling ruling, Found found) {
        Set<String> enough = new HashSet<>();
        Set<String> named = new HashSet<>();
        int passed = 0;
        Iterator<Change> candidates = ruling.rule().cures(line).iterator();
        while (candidates.hasNext()
                && found.tries < MOST_TRIES
                && found.cures.size() < MOST_OFFERED
                && passed < MOST_PASSED) {
            Change change = candidates.next();
            if (enough.contains(change.ladder())) {
                passed++;
                continue;
            }
            if (!named.add(change.id())) {
                continue;
            }
            found.tries++;
            Line then = known.computeIfAbsent(change.id(), id -> line.with(change.after()));
            Ruling after = RigReviewer.ruling(then, ruling.rule());
            Optional<Tried> tried = Tried.of(ruling, after, change, line, then, reviewer);
            tried.ifPresentOrElse(found::add, () -> found.addVain(ruling, new Vain(change, after)));
            if (tried.isPresent()
                    && tried.get().weight() == 0
                    && tried.get().whole()
                    && !change.ladder().isEmpty()) {
                enough.add(change.ladder());
            }
        }
    }

    /** Goes on from what only mends a part, and from what breaks something else. */
    private void follow(Ruling ruling, Found found) {
        List<Tried> from = new ArrayList<>();
        found.helps.stream().filter(Tried::step).limit(1).forEach(from::add);
        found.trades.stream().sorted(LEAST_FIRST).limit(MOST_FOLLOWED).forEach(from::add);
        // few, and most differ in their first part: compared, not hashed
        List<Rig> rigs = new ArrayList<>();
        found.cures.forEach(each -> rigs.add(each.change().after()));
        Set<String> ladders = new HashSet<>();
        for (Tried start : from) {
            if (found.cures.size() >= MOST_OFFERED) {
                return;
            }
            String ladder = start.change().ladder();
            if (ladders.contains(ladder)) {
                continue;
            }
            Tried end = new Following(line, reviewer, ruling).from(start);
            if (end.better(start)
                    && !partCures(end, found)
                    && !rigs.contains(end.change().after())) {
                rigs.add(end.change().after());
                found.add(end);
                // of sizes that all take the same besides, the smallest is enough
                if (!ladder.isEmpty() && end.weight() == 0 && end.whole()) {
                    ladders.add(ladder);
                }
            }
        }
    }

    /** What is put together of more than is needed is nothing to offer: one of its parts alone cures. */
    private static boolean partCures(Tried together, Found found) {
        List<String> parts = List.of(together.change().id().split(Change.AND));
        return found.cures.stream()
                .anyMatch(cure -> parts.contains(cure.change().id()));
    }

    private static List<Proposed> proposed(Found found) {
        List<Proposed> all = new ArrayList<>();
        found.cures.stream()
                .sorted(Comparator.comparing((Tried tried) -> tried.change().effort())
                        .thenComparing(tried -> tried.change().id().contains(Change.AND)))
                .limit(MOST_OFFERED)
                .forEach(each -> all.add(new Proposed(each, Mending.CURES)));
        found.helps.stream()
                .sorted(LEAST_FIRST)
                .limit(all.isEmpty() ? MOST_OFFERED : MOST_BESIDE)
                .limit(MOST_OFFERED - all.size())
                .forEach(each -> all.add(new Proposed(each, Mending.HELPS)));
        boolean none = all.isEmpty();
        found.trades.stream()
                .filter(each -> each.mayBeOffered(none))
                .sorted(LEAST_FIRST)
                .limit(all.size() < MOST_OFFERED ? 1 : 0)
                .forEach(each -> all.add(new Proposed(each, Mending.TRADES)));
        return all;
    }

    private static Text without(Ruling ruling, Found found) {
        Text byHand = ruling.rule().byHand();
        Text lead = byHand.plain().isEmpty() ? byHand : Text.of("{} ", byHand);
        Optional<Tried> nearest = found.trades.stream().min(LEAST_FIRST);
        if (nearest.isPresent()) {
            return Text.of(
                    "{}Of what was tried the nearest is “{}”, but: {}",
                    lead,
                    nearest.get().change().label(),
                    nearest.get().costs());
        }
        if (found.vain.isPresent()) {
            Vain vain = found.vain.get();
            return Text.of(
                    "{}Of what was tried the nearest is “{}”, and still: {}",
                    lead,
                    vain.change().label(),
                    vain.after().finding().text());
        }
        if (!byHand.plain().isEmpty()) {
            return byHand;
        }
        return found.tries == 0
                ? Text.of("Nothing that can be planned here changes it.")
                : Text.of("{} changes were tried; none mends it.", found.tries);
    }
}
