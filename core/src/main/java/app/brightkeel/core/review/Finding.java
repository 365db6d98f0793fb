package app.brightkeel.core.review;

import app.brightkeel.core.quantity.Text;
import java.util.List;

/**
 * What a rule found; what may be done about it is a {@link Remedy}.
 *
 * @param verdict   under the rule's force
 * @param headroom  as judged; 0 where it asks
 * @param pointers  what is asked for
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
        boolean putAside) {}
