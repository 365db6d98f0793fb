package app.brightkeel.core.review;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Rule.Judgement;
import java.util.List;

/**
 * What one rule says of a line.
 *
 * @param verdict  under the rule's force
 * @param putAside whether the person has put it aside; it then counts for nothing
 */
public record Ruling(Rule rule, Judgement judgement, Verdict verdict, boolean putAside) {

    /** Judges a line by one rule. */
    public static Ruling of(Rule rule, Line line) {
        Judgement judgement = rule.judge(line);
        boolean aside = rule.force().mayBePutAside() && line.rig().quieted().contains(rule.id());
        return new Ruling(rule, judgement, rule.verdict(judgement), aside);
    }

    /** Whether it finds what something may be done about: more than a question. */
    public boolean toMend() {
        return verdict != Verdict.HOLDS && verdict != Verdict.UNSET;
    }

    /** How many things it finds that are not comfortable. */
    public int faults() {
        return judgement instanceof Judgement.Measured measured
                ? measured.faults()
                : judgement instanceof Judgement.Ask ? 1 : 0;
    }

    /** As measured; 0 where it asks, 1 where it is silent. */
    public double headroom() {
        return judgement instanceof Judgement.Measured measured
                ? measured.headroom()
                : judgement instanceof Judgement.Ask ? 0 : 1;
    }

    /** A finding where it does not hold. */
    public Finding finding() {
        return judgement instanceof Judgement.Ask ask
                ? new Finding(rule.id(), rule.link(), rule.force(), verdict, 0, ask.text(), ask.pointers(), putAside)
                : finding((Judgement.Measured) judgement);
    }

    private Finding finding(Judgement.Measured measured) {
        return new Finding(
                rule.id(),
                rule.link(),
                rule.force(),
                verdict,
                measured.headroom(),
                measured.text().capital(),
                List.of(),
                putAside);
    }
}
