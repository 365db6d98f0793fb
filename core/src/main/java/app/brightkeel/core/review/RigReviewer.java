package app.brightkeel.core.review;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Finding.Cure;
import app.brightkeel.core.review.Review.Assumed;
import app.brightkeel.core.review.Rule.Judgement;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Figures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/** Judges a line: the same rig gives the same review. Holds nothing but its rules. */
public final class RigReviewer {

    private static final Comparator<Finding> WORST_FIRST = Comparator.comparing(Finding::putAside)
            .thenComparing(Finding::verdict)
            .thenComparing(Finding::force)
            .thenComparingDouble(Finding::headroom);

    private static final Map<Link, Panel> EVERY_RULE = panels(Rules.ALL);

    /** The rules that judge one link; a line knows what they said by the very object. */
    private static final class Panel {
        private final Link link;
        private final List<Rule> rules;

        private Panel(Link link, List<Rule> rules) {
            this.link = link;
            this.rules = rules.stream().filter(rule -> rule.link() == link).toList();
        }

        @Override
        public String toString() {
            return link.name();
        }
    }

    private final Map<Link, Panel> panels;

    public RigReviewer() {
        this.panels = EVERY_RULE;
    }

    RigReviewer(List<Rule> rules) {
        this.panels = panels(rules);
    }

    private static Map<Link, Panel> panels(List<Rule> rules) {
        Map<Link, Panel> all = new EnumMap<>(Link.class);
        for (Link link : Link.values()) {
            all.put(link, new Panel(link, rules));
        }
        return all;
    }

    /** The whole review. */
    public Review review(Line line) {
        List<LinkState> states = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        Cures cures = new Cures(line);
        for (Link link : Link.values()) {
            Judged judged = judged(line, link);
            states.add(judged.state());
            for (int r = 0; r < judged.judgements().size(); r++) {
                Rule rule = panel(link).rules.get(r);
                Judgement judgement = judged.judgements().get(r);
                if (rule.verdict(judgement) != Verdict.HOLDS) {
                    findings.add(finding(line, rule, judgement, cures));
                }
            }
        }
        findings.sort(WORST_FIRST);
        return new Review(
                List.copyOf(states),
                weakest(states, findings),
                List.copyOf(findings),
                Cautions.of(line.rig()),
                assumed(line, states),
                Guide.of(states));
    }

    /** Verdict, number and margin of one link; no cures. */
    public LinkState state(Line line, Link link) {
        return judged(line, link).state();
    }

    /** @param judgements of the link's rules, in their order */
    private record Judged(LinkState state, List<Judgement> judgements) {}

    private Judged judged(Line line, Link link) {
        Panel panel = panel(link);
        return line.of(panel, each -> {
            List<Judgement> judgements = new ArrayList<>();
            for (Rule rule : panel.rules) {
                judgements.add(rule.judge(each));
            }
            return new Judged(state(each, panel, judgements), judgements);
        });
    }

    private Panel panel(Link link) {
        return Objects.requireNonNull(panels.get(link));
    }

    private static LinkState state(Line line, Panel panel, List<Judgement> judgements) {
        Link link = panel.link;
        LinkReview shown = Links.of(link);
        Verdict worst = Verdict.HOLDS;
        double margin = 1;
        List<String> asked = new ArrayList<>();
        for (int r = 0; r < judgements.size(); r++) {
            Rule rule = panel.rules.get(r);
            if (putAside(line, rule)) {
                continue;
            }
            Judgement judgement = judgements.get(r);
            Verdict verdict = rule.verdict(judgement);
            worst = verdict.compareTo(worst) < 0 ? verdict : worst;
            if (judgement instanceof Judgement.Measured measured) {
                margin = Math.min(margin, measured.headroom());
            } else if (judgement instanceof Judgement.Ask ask) {
                asked.addAll(ask.pointers());
            }
        }
        Outcome<Text> number = shown.number(line);
        if (worst != Verdict.FAILS && (!asked.isEmpty() || !number.isKnown())) {
            asked.addAll(number.missing());
            List<String> pointers = asked.stream().distinct().toList();
            return new LinkState.Open(link, Text.of("Wants {}.", Wanted.words(line.rig(), pointers)), pointers);
        }
        Text words = number.isKnown() ? number.value() : Text.of("–");
        return new LinkState.Judged(link, worst, words, Math.max(0, margin));
    }

    private static boolean putAside(Line line, Rule rule) {
        return rule.force().mayBePutAside() && line.rig().quieted().contains(rule.id());
    }

    private static Finding finding(Line line, Rule rule, Judgement judgement, Cures cures) {
        boolean aside = putAside(line, rule);
        if (judgement instanceof Judgement.Ask ask) {
            return new Finding(
                    rule.id(),
                    rule.link(),
                    rule.force(),
                    Verdict.UNSET,
                    0,
                    ask.text(),
                    ask.pointers(),
                    List.of(),
                    aside);
        }
        Judgement.Measured measured = (Judgement.Measured) judgement;
        return new Finding(
                rule.id(),
                rule.link(),
                rule.force(),
                rule.verdict(measured),
                measured.headroom(),
                measured.text(),
                List.of(),
                cures.of(rule, rule.verdict(measured)).stream().map(Cure::of).toList(),
                aside);
    }

    /** The link of the worst finding that counts; where there is none, the one with the least margin. */
    private static Link weakest(List<LinkState> states, List<Finding> findings) {
        return findings.stream()
                .filter(f -> !f.putAside())
                .map(Finding::link)
                .findFirst()
                .orElseGet(() -> states.stream()
                        .filter(LinkState.Judged.class::isInstance)
                        .map(LinkState.Judged.class::cast)
                        .min(Comparator.comparingDouble(LinkState.Judged::margin))
                        .map(LinkState.Judged::link)
                        .orElse(Link.SCREEN));
    }

    /** Every assumed figure, with the links that were judged by it. */
    private List<Assumed> assumed(Line line, List<LinkState> states) {
        Line anew = line.anew();
        Map<Link, Set<Figure>> read = new EnumMap<>(Link.class);
        for (LinkState state : states) {
            if (state instanceof LinkState.Judged) {
                judged(anew, state.link());
                read.put(state.link(), anew.assumed(panel(state.link())));
            }
        }
        List<Assumed> all = new ArrayList<>();
        Figures.visitAssumed(
                anew.entered(),
                anew.rig(),
                (pointer, figure) -> all.add(new Assumed(
                        pointer,
                        figure,
                        read.keySet().stream()
                                .filter(link ->
                                        Objects.requireNonNull(read.get(link)).contains(figure))
                                .toList())));
        return all;
    }
}
