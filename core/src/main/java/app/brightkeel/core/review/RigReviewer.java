package app.brightkeel.core.review;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Finding.Cure;
import app.brightkeel.core.review.Review.Assumed;
import app.brightkeel.core.review.Rule.Judgement;
import app.brightkeel.core.rig.Figures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Judges a line: the same rig gives the same review. Holds nothing but its rules. */
public final class RigReviewer {

    private static final Comparator<Finding> WORST_FIRST = Comparator.comparing(Finding::putAside)
            .thenComparing(Finding::verdict)
            .thenComparing(Finding::force)
            .thenComparingDouble(Finding::headroom);

    private final Map<Link, List<Rule>> rules = new EnumMap<>(Link.class);

    public RigReviewer() {
        this(Rules.ALL);
    }

    RigReviewer(List<Rule> rules) {
        for (Link link : Link.values()) {
            this.rules.put(
                    link, rules.stream().filter(rule -> rule.link() == link).toList());
        }
    }

    /** The whole review. */
    public Review review(Line line) {
        List<LinkState> states = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        Cures cures = new Cures(line);
        for (Link link : Link.values()) {
            Map<Rule, Judgement> judgements = judge(line, link);
            LinkState state = state(line, link, judgements);
            states.add(state);
            judgements.forEach((rule, judgement) -> {
                if (rule.verdict(judgement) != Verdict.HOLDS) {
                    findings.add(finding(line, rule, judgement, cures));
                }
            });
        }
        findings.sort(WORST_FIRST);
        List<Assumed> assumed = assumed(line);
        return new Review(
                List.copyOf(states),
                weakest(states, findings),
                List.copyOf(findings),
                Cautions.of(line.rig()),
                assumed,
                assumedLinks(line, states, assumed),
                Guide.of(states));
    }

    private static List<Link> assumedLinks(Line line, List<LinkState> states, List<Assumed> assumed) {
        return states.stream()
                .filter(LinkState.Judged.class::isInstance)
                .map(LinkState::link)
                .filter(link -> assumed.stream().anyMatch(a -> Links.of(link).standsOn(line, a.pointer())))
                .toList();
    }

    /** Verdict, number and margin of one link; no cures. */
    public LinkState state(Line line, Link link) {
        return state(line, link, judge(line, link));
    }

    private Map<Rule, Judgement> judge(Line line, Link link) {
        Map<Rule, Judgement> all = new LinkedHashMap<>();
        for (Rule rule : rules.getOrDefault(link, List.of())) {
            all.put(rule, rule.judge(line));
        }
        return all;
    }

    private static LinkState state(Line line, Link link, Map<Rule, Judgement> judgements) {
        LinkReview shown = Links.of(link);
        Verdict worst = Verdict.HOLDS;
        double margin = 1;
        List<String> asked = new ArrayList<>();
        for (Map.Entry<Rule, Judgement> each : judgements.entrySet()) {
            if (putAside(line, each.getKey())) {
                continue;
            }
            Verdict verdict = each.getKey().verdict(each.getValue());
            worst = verdict.compareTo(worst) < 0 ? verdict : worst;
            if (each.getValue() instanceof Judgement.Measured measured) {
                margin = Math.min(margin, measured.headroom());
            } else if (each.getValue() instanceof Judgement.Ask ask) {
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

    private static List<Assumed> assumed(Line line) {
        List<Assumed> all = new ArrayList<>();
        Figures.visitAssumed(line.entered(), line.rig(), (pointer, figure) -> all.add(new Assumed(pointer, figure)));
        return all;
    }
}
