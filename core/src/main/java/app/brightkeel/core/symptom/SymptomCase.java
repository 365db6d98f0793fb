package app.brightkeel.core.symptom;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import java.util.List;
import java.util.Map;

/**
 * A symptom of a rig as far as it was looked into.
 *
 * @param likely causes, likeliest first
 * @param cures  of those that are worth it, in the order in which they are tried: clean, set, charge, feed, battery
 * @param next   what tells most next, most telling first; none where it is all but certain, or nothing tells more
 * @param asked  what was answered
 * @param says   where it stands, in words
 * @param beyond what is a larger boat's question, and whose work that is; no words where it is not
 */
public record SymptomCase(
        Symptom symptom,
        List<Likely> likely,
        List<CureStep> cures,
        List<Asking> next,
        List<Answered> asked,
        Text says,
        Text beyond) {

    /**
     * A cause.
     *
     * @param share   how likely, 0 to 1, all of them together 1
     * @param because what the plan itself finds that speaks for it; no words where nothing does
     */
    public record Likely(String cause, String what, double share, Text because) {}

    /** One cure, with the link where it is changed. */
    public record CureStep(String cause, Tier tier, Link link, String what, String cure, double share) {}

    /**
     * A question.
     *
     * @param bits    that its answer is expected to tell
     * @param minutes that it takes
     * @param ifYes   what that would mean, and {@code ifNo}
     */
    public record Asking(String test, Text question, Text how, double bits, int minutes, Text ifYes, Text ifNo) {}

    /** An answer. */
    public record Answered(String test, Text question, boolean yes) {}

    public SymptomCase {
        likely = List.copyOf(likely);
        cures = List.copyOf(cures);
        next = List.copyOf(next);
        asked = List.copyOf(asked);
    }

    /**
     * @param findings of the plan
     * @param answers by the ids of tests, in the order in which they were given; what there is no such test of is left out
     */
    public static SymptomCase of(Line line, List<Finding> findings, Symptom symptom, Map<String, Boolean> answers) {
        return new Inquiry(line, findings, symptom, answers).told();
    }
}
