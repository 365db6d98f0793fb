package app.brightkeel.core.advice;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Breaches;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How many rigs went by one rule.
 *
 * @param rule  its id
 * @param words what was in the way, after "because"
 * @param rigs  1 and more
 */
public record RuledOut(String rule, Link link, String words, long rigs) {

    private static final Map<String, String> WORDS =
            Table.read(RuledOut.class, "ruled-out.csv").said("rule", "words");

    /**
     * Those that ruled out most first.
     *
     * @param broken how many went, by the id of the rule
     */
    public static List<RuledOut> of(Map<String, Long> broken) {
        return Breaches.rules().stream()
                .filter(rule -> broken.containsKey(rule.id()))
                .map(rule -> new RuledOut(
                        rule.id(),
                        rule.link(),
                        WORDS.getOrDefault(rule.id(), rule.id()),
                        broken.getOrDefault(rule.id(), 0L)))
                .sorted(Comparator.comparingLong(RuledOut::rigs).reversed().thenComparing(RuledOut::rule))
                .toList();
    }

    /** Ids of the rules that have words. */
    static Set<String> worded() {
        return WORDS.keySet();
    }
}
