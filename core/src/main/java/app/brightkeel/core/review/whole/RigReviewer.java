package app.brightkeel.core.review.whole;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Cautions;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Guide;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.Review.Assumed;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Rule.Judgement;
import app.brightkeel.core.review.Ruling;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.Wanted;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Figures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

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

    /** Judges by every rule. */
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

    /** The whole review; what may be done about its findings is asked apart: {@link #remedies}. */
    public Review review(Line line) {
        List<LinkState> states = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (Link link : Link.values()) {
            Standing standing = standing(line, link);
            states.add(standing.state());
            standing.found().map(Ruling::finding).forEach(findings::add);
        }
        findings.sort(WORST_FIRST);
        return new Review(
                List.copyOf(states),
                weakest(states, findings),
                List.copyOf(findings),
                Cautions.of(line.rig()),
                assumed(line, states),
                Guide.ORDER);
    }

    /** Verdict, number and margin of one link. */
    public LinkState state(Line line, Link link) {
        return standing(line, link).state();
    }

    /** The same of every link, in their order. */
    public List<LinkState> states(Line line) {
        return Stream.of(Link.values()).map(link -> state(line, link)).toList();
    }

    /** The links that a change moves. */
    public List<Change.Effect> effects(Line line, Change change) {
        return Change.moved(states(line), states(line.with(change.after())));
    }

    /** What may be done about every finding that is not a question, worst first. */
    public List<Remedy> remedies(Line line) {
        Remedies remedies = new Remedies(line, this);
        return toMend(line).map(remedies::of).toList();
    }

    Stream<Ruling> toMend(Line line) {
        return Stream.of(Link.values())
                .flatMap(link -> standing(line, link).rulings().stream())
                .filter(Ruling::toMend)
                .sorted(Comparator.comparing(Ruling::finding, WORST_FIRST));
    }

    /**
     * How a link stands, and what each of its rules says.
     *
     * @param rulings in the order of the rules
     */
    record Standing(LinkState state, List<Ruling> rulings) {
        Stream<Ruling> found() {
            return rulings.stream().filter(ruling -> ruling.verdict() != Verdict.HOLDS);
        }

        /** Of one of the link's rules. */
        Ruling of(Rule rule) {
            return rulings.stream()
                    .filter(ruling -> ruling.rule() == rule)
                    .findFirst()
                    .orElseThrow();
        }
    }

    Standing standing(Line line, Link link) {
        Panel panel = Objects.requireNonNull(panels.get(link));
        return line.of(panel, each -> {
            List<Ruling> rulings = new ArrayList<>(panel.rules.size());
            for (Rule rule : panel.rules) {
                rulings.add(ruling(each, rule));
            }
            return new Standing(state(each, link, rulings), List.copyOf(rulings));
        });
    }

    /** What one rule says: known for as long as nothing that it read has changed. */
    static Ruling ruling(Line line, Rule rule) {
        return line.of(rule, each -> Ruling.of(rule, each));
    }

    private static LinkState state(Line line, Link link, List<Ruling> rulings) {
        Verdict worst = Verdict.HOLDS;
        double margin = 1;
        List<String> asked = new ArrayList<>();
        for (Ruling ruling : rulings) {
            if (ruling.putAside()) {
                continue;
            }
            worst = ruling.verdict().compareTo(worst) < 0 ? ruling.verdict() : worst;
            if (ruling.judgement() instanceof Judgement.Measured measured) {
                margin = Math.min(margin, measured.headroom());
            } else if (ruling.judgement() instanceof Judgement.Ask ask) {
                asked.addAll(ask.pointers());
            }
        }
        Outcome<Text> number = Links.of(link).number(line);
        if (worst != Verdict.FAILS && (!asked.isEmpty() || !number.isKnown())) {
            asked.addAll(number.missing());
            List<String> pointers = asked.stream().distinct().toList();
            return new LinkState.Open(link, Text.of("Wants {}.", Wanted.words(line.rig(), pointers)), pointers);
        }
        Text words = (worst == Verdict.FAILS ? whatFails(rulings) : Optional.<Text>empty())
                .orElseGet(() -> number.isKnown() ? number.value() : Text.of("–"));
        return new LinkState.Judged(link, worst, words, Math.max(0, margin));
    }

    /** In place of the link's number, where that is not what gives. */
    private static Optional<Text> whatFails(List<Ruling> rulings) {
        return rulings.stream()
                .filter(ruling -> !ruling.putAside() && ruling.verdict() == Verdict.FAILS)
                .min(Comparator.comparing((Ruling ruling) -> ruling.rule().force())
                        .thenComparingDouble(Ruling::headroom))
                .flatMap(Briefs::of);
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
                standing(anew, state.link());
                read.put(state.link(), anew.assumed(Objects.requireNonNull(panels.get(state.link()))));
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
