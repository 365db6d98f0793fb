package app.brightkeel.core.review;

import app.brightkeel.core.line.Line;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Finds for one line which of the changes that rules name really cure. */
final class Cures {

    /** A handful is a choice; rules name the small and cheap ones first, and what comes after is not even tried. */
    private static final int MOST_CURES = 5;

    /** Candidates that are tried at all: each is a rig to be filled and judged. */
    private static final int MOST_TRIES = 60;

    private final Line line;

    /** Several rules try the same change: what the first one computed serves the next. */
    private final Map<String, Line> tried = new HashMap<>();

    Cures(Line line) {
        this.line = line;
    }

    /** What is offered as a cure cures; cheapest first. */
    List<Change> of(Rule rule) {
        return rule.cures(line)
                .limit(MOST_TRIES)
                .filter(change -> rule.cured(tried(change)))
                .limit(MOST_CURES)
                .sorted(Comparator.comparing(Change::effort))
                .toList();
    }

    private Line tried(Change change) {
        return tried.computeIfAbsent(change.id(), id -> line.with(change.after()));
    }
}
