package app.brightkeel.core.review.whole;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Ruling;
import app.brightkeel.core.review.Verdict;
import java.util.List;

/** What makes a rig one that cannot be had, asked rule by rule: a search wants the first that gives, not a review. */
public final class Breaches {

    private static final List<Rule> MAY_FAIL =
            Rules.ALL.stream().filter(rule -> rule.force().mayFail()).toList();

    private Breaches() {}

    /** The rules by which something can fail, in the order of the review. */
    public static List<Rule> rules() {
        return MAY_FAIL;
    }

    /** Whether a rig fails by one of them. */
    public static boolean fails(Line line, Rule rule) {
        return RigReviewer.ruling(line, rule).verdict() == Verdict.FAILS;
    }

    /** By how much of the headroom it fails; 0 where it does not. */
    public static double failsBy(Line line, Rule rule) {
        Ruling ruling = RigReviewer.ruling(line, rule);
        return ruling.verdict() == Verdict.FAILS ? -ruling.headroom() : 0;
    }
}
