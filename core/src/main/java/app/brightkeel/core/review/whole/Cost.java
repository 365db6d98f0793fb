package app.brightkeel.core.review.whole;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Ruling;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.RigReviewer.Standing;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is worse in a changed rig than before: a rule of force physics, maker or safety, or a preference, that it breaks
 * anew or more; or a link that stands at a worse verdict.
 *
 * @param rule   that is broken; null where a link wants to be told something that no rule asks for
 * @param faults how many things it finds
 */
record Cost(@Nullable Rule rule, Link link, Verdict verdict, int faults, Text text) {

    private static final int OF_A_FAULT = 1000;
    private static final int OF_A_PREFERENCE = 100;
    private static final int OF_A_QUESTION = 10;

    /** Every one of a change. */
    static List<Cost> of(Line before, Line after, RigReviewer reviewer) {
        List<Cost> all = new ArrayList<>();
        for (Link link : Link.values()) {
            Standing was = reviewer.standing(before, link);
            Standing is = reviewer.standing(after, link);
            if (was != is) {
                collect(link, was, is, all);
            }
        }
        return all;
    }

    private static void collect(Link link, Standing was, Standing is, List<Cost> all) {
        boolean linkWorse = is.state().verdict().compareTo(was.state().verdict()) < 0;
        boolean told = false;
        for (int r = 0; r < is.rulings().size(); r++) {
            Ruling now = is.rulings().get(r);
            boolean harmless = !linkWorse && now.rule().force() == Rule.Force.PRACTICE;
            if (worse(was.rulings().get(r), now) && !now.putAside() && !harmless) {
                all.add(new Cost(
                        now.rule(),
                        link,
                        now.verdict(),
                        now.faults(),
                        now.finding().text()));
                told |= now.verdict() == is.state().verdict();
            }
        }
        if (linkWorse && !told) {
            Text why = is.state() instanceof LinkState.Open open ? open.why() : Text.of("");
            all.add(new Cost(null, link, is.state().verdict(), 1, why));
        }
    }

    private static boolean worse(Ruling was, Ruling now) {
        int order = now.verdict().compareTo(was.verdict());
        return order < 0 || order == 0 && now.faults() > was.faults();
    }

    /** What several weigh together: one that fails more than all that are close. */
    static int weight(List<Cost> all) {
        return all.stream().mapToInt(Cost::weight).sum();
    }

    private int weight() {
        return faults * each();
    }

    private int each() {
        if (verdict == Verdict.FAILS) {
            return OF_A_FAULT;
        }
        if (rule != null && rule.force() == Rule.Force.SCHOOL) {
            return OF_A_PREFERENCE;
        }
        return verdict == Verdict.UNSET ? OF_A_QUESTION : 1;
    }

    /** In words: "Fuse then won't work: ...". */
    Text told() {
        String told = switch (verdict) {
            case FAILS -> "{} then won't work: {}";
            case UNSET -> "{} then is not said. {}";
            default -> "{} then is tight: {}";
        };
        return Text.of(told, link.words(), text);
    }
}
