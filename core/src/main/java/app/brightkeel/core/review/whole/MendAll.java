package app.brightkeel.core.review.whole;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.review.Ruling;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Rig;
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

    /** Close for hardly more than a look, and dear to search for: left to the person. */
    private static final Set<String> LEFT = Set.of("carry.trim", "carry.too-tender");

    private final RigReviewer reviewer;
    private final Verdict from;
    private final Rig keeps;
    private final List<Change> taken = new ArrayList<>();
    private Line line;

    private MendAll(Line line, RigReviewer reviewer, Verdict from, Rig keeps) {
        this.keeps = keeps;
        this.line = line;
        this.reviewer = reviewer;
        this.from = from;
    }

    /** As one change; none where nothing fails, or nothing is known against what does. */
    static Optional<Change> of(Line line, String id, RigReviewer reviewer) {
        MendAll all = new MendAll(line, reviewer, Verdict.FAILS, line.entered());
        all.run();
        return all.taken.isEmpty()
                ? Optional.empty()
                : Optional.of(new Change(
                        id,
                        Text.of(
                                "Mend what won't work: {}",
                                joined(all.taken.stream().map(Change::label).toList())),
                        all.taken.stream()
                                .map(Change::effort)
                                .max(Effort::compareTo)
                                .orElseThrow(),
                        all.line.entered()));
    }

    /**
     * What comes of it with the displays and batteries that were there, what is only close cured, too: that as long as it is
     * cured whole, without a drill, another device, another day or wish.
     *
     * @param keeps the rig whose displays and batteries stay
     */
    static Line mended(Line line, RigReviewer reviewer, Rig keeps) {
        MendAll all = new MendAll(line, reviewer, Verdict.CLOSE, keeps);
        all.run();
        return all.line;
    }

    /** One after the other; at least one. */
    static Text joined(List<Text> labels) {
        return labels.stream()
                .reduce((all, next) -> Text.of("{}; {}", all, next))
                .orElseThrow();
    }

    private boolean harmless(Remedies.Proposed cure) {
        Change change = cure.tried().change();
        return cure.mending() == Remedy.Mending.CURES
                && change.effort() != Effort.DRILL
                && change.after().outing().equals(line.entered().outing())
                && change.after().schools().equals(line.entered().schools())
                && change.after().craft().equals(line.entered().craft())
                && change.after().devices().size() == line.entered().devices().size();
    }

    private boolean keepsOwn(Rig after) {
        return after.devices().containsAll(keeps.devices())
                && after.harness().packs().containsAll(keeps.harness().packs());
    }

    private void run() {
        Line began = line;
        long before = failing(began);
        step();
        // a cure at a price whose price nothing paid
        if (failing(line) > before) {
            taken.clear();
            line = began;
        }
    }

    private long failing(Line at) {
        return reviewer.states(at).stream()
                .filter(state -> state.verdict() == Verdict.FAILS)
                .count();
    }

    private void step() {
        Set<String> without = new HashSet<>();
        for (int step = 0; step < MOST_STEPS; step++) {
            Optional<Ruling> worst = reviewer.toMend(line)
                    .filter(ruling -> ruling.verdict() == Verdict.FAILS
                            || from == Verdict.CLOSE
                                    && !LEFT.contains(ruling.rule().id()))
                    .filter(ruling -> ruling.verdict() != Verdict.UNSET
                            && !ruling.putAside()
                            && !without.contains(ruling.rule().id()))
                    .findFirst();
            if (worst.isEmpty()) {
                return;
            }
            Optional<Change> cure = new Remedies(line, reviewer)
                    .proposed(worst.get()).stream()
                            .filter(each -> from == Verdict.FAILS
                                    || keepsOwn(each.tried().change().after())
                                            && (worst.get().verdict() == Verdict.FAILS || harmless(each)))
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
