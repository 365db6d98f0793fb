package app.brightkeel.core.review;

import app.brightkeel.core.quantity.Text;
import java.util.List;

/**
 * What a rule found.
 *
 * @param verdict   under the rule's force
 * @param headroom  as judged; 0 where it asks
 * @param pointers  what is asked for
 * @param cures     changes that cure, cheapest first
 * @param putAside  whether the person has put it aside; it then counts for nothing and stays listed
 */
public record Finding(
        String rule,
        Link link,
        Rule.Force force,
        Verdict verdict,
        double headroom,
        Text text,
        List<String> pointers,
        List<Cure> cures,
        boolean putAside) {

    /** A change as it is offered. */
    public record Cure(String id, Text label, Effort effort) {
        static Cure of(Change change) {
            return new Cure(change.id(), change.label(), change.effort());
        }
    }
}
