package app.brightkeel.core.review.whole;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Remedy.Cure;
import app.brightkeel.core.review.Remedy.Mending;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Ruling;
import app.brightkeel.core.review.Verdict;
import java.util.List;
import java.util.Optional;

/**
 * A change that makes a finding less, with what it does to the rest.
 *
 * @param found  what the rule said before
 * @param ruling what it says after
 * @param then   the line after
 * @param broken what is worse than before
 */
record Tried(Ruling found, Ruling ruling, Change change, Line then, List<Cost> broken) {

    /** Empty where the finding is no less. */
    static Optional<Tried> of(Ruling found, Change change, Line line, Line then, RigReviewer reviewer) {
        return of(found, RigReviewer.ruling(then, found.rule()), change, line, then, reviewer);
    }

    /** @param after what the rule says of {@code then} */
    static Optional<Tried> of(Ruling found, Ruling after, Change change, Line line, Line then, RigReviewer reviewer) {
        return less(found, after)
                ? Optional.of(new Tried(found, after, change, then, Cost.of(line, then, reviewer)))
                : Optional.empty();
    }

    /** A question in place of what was found is no answer. */
    private static boolean less(Ruling before, Ruling after) {
        if (after.verdict() == Verdict.UNSET) {
            return false;
        }
        return after.verdict().compareTo(before.verdict()) > 0
                || after.verdict() == before.verdict()
                        && (after.faults() < before.faults()
                                || after.faults() == before.faults() && nearer(before, after));
    }

    /** Half of what is missing to be comfortable is something; less is not worth the words. */
    private static boolean nearer(Ruling before, Ruling after) {
        return before.headroom() < Rule.COMFORTABLE
                && after.headroom() - before.headroom() >= (Rule.COMFORTABLE - before.headroom()) / 2;
    }

    /** The finding is gone. */
    boolean whole() {
        return ruling.verdict() == Verdict.HOLDS;
    }

    /** The finding is of fewer things. */
    boolean step() {
        return ruling.faults() < found.faults() && !whole();
    }

    int weight() {
        return Cost.weight(broken);
    }

    /** Whether it breaks less, or breaks no more and leaves less of the finding. */
    boolean better(Tried other) {
        return weight() < other.weight() || weight() == other.weight() && less(other.ruling, ruling);
    }

    /**
     * A trade for something as bad or worse is only worth a look where nothing else is there; what is merely close is
     * never traded for what fails, unless it is doubted that it is so.
     */
    boolean mayBeOffered(boolean nothingElse) {
        boolean fails = broken.stream().anyMatch(cost -> cost.verdict() == Verdict.FAILS);
        return !fails || whole() && (found.rule().doubts() || nothingElse && found.verdict() == Verdict.FAILS);
    }

    /** What is left of the finding, in words. */
    Text left() {
        return ruling.finding().text();
    }

    /** What is worse, in words. */
    Text costs() {
        Text all = broken.get(0).told();
        for (Cost cost : broken.subList(1, broken.size())) {
            all = Text.of("{} {}", all, cost.told());
        }
        return whole() ? all : Text.of("Left: {} {}", left(), all);
    }

    Cure offer(Mending mending) {
        Text note = switch (mending) {
            case CURES -> ruling.rule().remark(then);
            case HELPS -> Text.of("Left: {}", left());
            case TRADES -> costs();
        };
        return new Cure(change.id(), change.label(), change.effort(), mending, note);
    }
}
