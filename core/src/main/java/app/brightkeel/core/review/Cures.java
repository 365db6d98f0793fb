package app.brightkeel.core.review;

import app.brightkeel.core.line.Line;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Finds for one line which of the changes that rules name really cure. */
final class Cures {

    /** A handful is a choice; rules name the small and cheap ones first, and what comes after is not even tried. */
    private static final int MOST_CURES = 5;

    /** Candidates that are tried at all: each is a rig to be filled and judged. */
    private static final int MOST_TRIES = 60;

    /** Bigger than enough is passed over; after so many, what follows is no better. */
    private static final int MOST_PASSED = 4;

    private final Line line;

    /** Several rules try the same change: what the first one computed serves the next. */
    private final Map<String, Line> tried = new HashMap<>();

    Cures(Line line) {
        this.line = line;
    }

    /** What is offered as a cure cures; cheapest first. */
    List<Change> of(Rule rule, Verdict found) {
        List<Change> offered = new ArrayList<>();
        // what is close already is only cured once it holds
        boolean close = found == Verdict.CLOSE;
        Set<String> enough = new HashSet<>();
        int tries = 0;
        int passed = 0;
        Iterator<Change> candidates = rule.cures(line).iterator();
        while (candidates.hasNext() && tries < MOST_TRIES && offered.size() < MOST_CURES && passed < MOST_PASSED) {
            Change change = candidates.next();
            if (enough.contains(change.ladder())) {
                passed++;
                continue;
            }
            tries++;
            Line then = tried(change);
            if (close ? holds(rule, then) : rule.cured(then)) {
                offered.add(change);
                if (!change.ladder().isEmpty() && holds(rule, then)) {
                    enough.add(change.ladder());
                }
            }
        }
        offered.sort(Comparator.comparing(Change::effort));
        return offered;
    }

    private static boolean holds(Rule rule, Line then) {
        return rule.verdict(rule.judge(then)) == Verdict.HOLDS;
    }

    private Line tried(Change change) {
        return tried.computeIfAbsent(change.id(), id -> line.with(change.after()));
    }
}
