package app.brightkeel.core.review.whole;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Ruling;
import app.brightkeel.core.review.Verdict;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The first cures taken one after the other, the worst finding first, until nothing fails that something is known against. What
 * practice alone says against is left to the person.
 */
final class MendAll {

    static final String ID = "mend-all";

    /** More than this is another rig. */
    private static final int MOST_STEPS = 16;

    private final RigReviewer reviewer;
    private final List<Change> taken = new ArrayList<>();
    private Line line;

    private MendAll(Line line, RigReviewer reviewer) {
        this.line = line;
        this.reviewer = reviewer;
    }

    /** As one change; none where nothing fails, or nothing is known against what does. */
    static Optional<Change> of(Line line, String id, RigReviewer reviewer) {
        MendAll all = new MendAll(line, reviewer);
        all.run();
        return all.taken.isEmpty()
                ? Optional.empty()
                : Optional.of(new Change(
                        id,
                        Text.of("Mend what fails: {}", words(all.taken)),
                        all.taken.stream()
                                .map(Change::effort)
                                .max(Effort::compareTo)
                                .orElseThrow(),
                        all.line.entered()));
    }

    /** What comes of it, changed or not. */
    static Line mended(Line line, RigReviewer reviewer) {
        MendAll all = new MendAll(line, reviewer);
        all.run();
        return all.line;
    }

    static Text words(List<Change> taken) {
        Text all = taken.get(0).label();
        for (Change next : taken.subList(1, taken.size())) {
            all = Text.of("{}; {}", all, next.label());
        }
        return all;
    }

    private void run() {
        Set<String> without = new HashSet<>();
        for (int step = 0; step < MOST_STEPS; step++) {
            Optional<Ruling> worst = reviewer.toMend(line)
                    .filter(ruling -> ruling.verdict() == Verdict.FAILS
                            && !without.contains(ruling.rule().id()))
                    .findFirst();
            if (worst.isEmpty()) {
                return;
            }
            Optional<Change> cure = new Remedies(line, reviewer)
                    .proposed(worst.get()).stream()
                            .findFirst()
                            .map(each -> each.tried().change());
            // what came back by another cure is not cured for ever
            if (cure.isEmpty()
                    || taken.stream()
                            .anyMatch(each -> each.id().equals(cure.get().id()))) {
                without.add(worst.get().rule().id());
            } else {
                taken.add(cure.get());
                line = line.with(cure.get().after());
            }
        }
    }
}
