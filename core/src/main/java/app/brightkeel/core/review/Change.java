package app.brightkeel.core.review;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A named change of a rig: a cure, or an alternative to compare.
 *
 * @param id    says what is changed to what, the same for the same rig: {@code battery.take.pack.lifepo4-10}
 * @param after the whole rig after it
 */
public record Change(String id, Text label, Effort effort, Rig after) {

    /** What a change does to one link. */
    public record Effect(Link link, LinkState before, LinkState after) {}

    /** The links it moves. */
    public List<Effect> effects(Line line, RigReviewer reviewer) {
        Line then = line.with(after);
        List<Effect> moved = new ArrayList<>();
        for (Link link : Link.values()) {
            Effect effect = new Effect(link, reviewer.state(line, link), reviewer.state(then, link));
            if (!effect.before().equals(effect.after())) {
                moved.add(effect);
            }
        }
        return moved;
    }

    /** A handful is a choice; rules name the small and cheap ones first, and what comes after is not even tried. */
    private static final int MOST_CURES = 6;

    /** Candidates that are tried at all: each is a rig to be filled and judged. */
    private static final int MOST_TRIES = 60;

    /** What is offered as a cure cures: the rule does not give after it; cheapest first. */
    static List<Change> curing(Rule rule, Line line) {
        return rule.cures(line)
                .limit(MOST_TRIES)
                .filter(change -> cured(rule, rule.judge(line.with(change.after()))))
                .limit(MOST_CURES)
                .sorted(Comparator.comparing(Change::effort))
                .toList();
    }

    /** A rule that may fail a link is cured once it does not give; one of practice only once it holds. */
    private static boolean cured(Rule rule, Rule.Judgement after) {
        Verdict verdict = rule.verdict(after);
        return verdict == Verdict.HOLDS
                || verdict == Verdict.CLOSE && rule.force().mayFail();
    }
}
