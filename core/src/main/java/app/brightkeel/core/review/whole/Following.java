package app.brightkeel.core.review.whole;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Ruling;
import app.brightkeel.core.rig.Rig;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** Goes on from a change that does not do it alone: first with what it breaks, then with what it leaves. */
final class Following {

    /** As many things as one change is put together of. */
    private static final int MOST_TOGETHER = 6;

    /** Changes that are tried for each. */
    private static final int MOST_TRIES = 16;

    private final Line line;
    private final RigReviewer reviewer;
    private final Ruling found;

    Following(Line line, RigReviewer reviewer, Ruling found) {
        this.line = line;
        this.reviewer = reviewer;
        this.found = found;
    }

    /** The best that was come to; {@code start} itself where nothing was better. */
    Tried from(Tried start) {
        Tried at = start;
        for (int steps = 1; steps < MOST_TOGETHER; steps++) {
            Optional<Tried> next = next(at);
            if (next.isEmpty()) {
                return at;
            }
            at = next.get();
        }
        return at;
    }

    /** What is broken is mended first: what the finding leaves is looked for on a rig that is sound otherwise. */
    private Optional<Tried> next(Tried at) {
        Optional<Rule> wanted = at.broken().isEmpty()
                ? Optional.of(found.rule()).filter(rule -> !at.whole())
                : at.broken().stream()
                        .sorted(Comparator.comparing(Cost::verdict))
                        .map(Cost::rule)
                        .filter(Objects::nonNull)
                        .findFirst();
        return wanted.flatMap(rule -> alike(at, rule.cures(at.then()))
                .map(change -> joined(at, change))
                .flatMap(Optional::stream)
                .filter(tried -> tried.better(at))
                .reduce((best, each) -> each.better(best) ? each : best));
    }

    /** Those of the same kind as the change before stand first: a fuse in the one lead, and one in the other. */
    private static Stream<Change> alike(Tried at, Stream<Change> changes) {
        List<Change> all = changes.limit(MOST_TRIES).toList();
        String kind = kind(at.change().id());
        return Stream.concat(
                all.stream().filter(change -> kind(change.id()).equals(kind)),
                all.stream().filter(change -> !kind(change.id()).equals(kind)));
    }

    private static String kind(String id) {
        String last = id.substring(id.lastIndexOf(Change.AND) + 1);
        return last.substring(0, Math.max(last.indexOf('.', last.indexOf('.') + 1), 0));
    }

    private Optional<Tried> joined(Tried at, Change change) {
        Rig after = change.after();
        return Tried.of(found, at.change().and(change), line, at.then().with(after), reviewer);
    }
}
