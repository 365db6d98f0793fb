package app.brightkeel.core.advice;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.whole.Breaches;
import app.brightkeel.core.rig.Part;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * To which questions the answers can make a rule give. What a rule says of one rig it says of every other that answers those
 * alike: a battery that is too small for the display is so whatever holds that. Said link by link, and checked against rigs
 * that were made at random (RelevanceTest).
 *
 * @param axes  by which the rules of this group are decided
 * @param rules of it
 * @param by    how much of the headroom they have to fail by, to be sure of it whatever the other answers are
 */
record Relevance(Set<RigAxis> axes, List<Rule> rules, double by) {

    /** By so much of the headroom a rule moves at most with what else is aboard; RelevanceTest. */
    static final double FLOATS_WITHIN = 0.25;

    static final Set<RigAxis> LOOK = EnumSet.of(RigAxis.DISPLAY, RigAxis.TRANSDUCER, RigAxis.PLACE, RigAxis.MOUNT);
    private static final Set<RigAxis> SCREEN =
            EnumSet.of(RigAxis.DISPLAY, RigAxis.TRANSDUCER, RigAxis.PLACE, RigAxis.MOUNT, RigAxis.HOLDER);
    static final Set<RigAxis> POWER = EnumSet.of(
            RigAxis.DISPLAY,
            RigAxis.TRANSDUCER,
            RigAxis.PLACE,
            RigAxis.BANK,
            RigAxis.STOWAGE,
            RigAxis.SCHOOL,
            RigAxis.BOX);
    private static final Set<RigAxis> AFLOAT = EnumSet.complementOf(EnumSet.of(RigAxis.CABLES));
    private static final Set<RigAxis> ALL = EnumSet.allOf(RigAxis.class);

    private static final Map<Link, Set<RigAxis>> OF_LINK = new EnumMap<>(Map.of(
            Link.WATER, LOOK,
            Link.TRANSDUCER, LOOK,
            Link.MOUNT, LOOK,
            Link.SCREEN, SCREEN,
            Link.BATTERY, POWER,
            Link.WIRE, POWER,
            Link.FUSE, POWER,
            Link.CABLE, EnumSet.complementOf(EnumSet.of(RigAxis.BANK, RigAxis.BOX)),
            Link.CARRY, AFLOAT));

    /** How a rule is decided on whole rigs. */
    static Set<RigAxis> of(Rule rule, Line base) {
        return floats(rule, base) ? AFLOAT : said(rule);
    }

    private static Set<RigAxis> said(Rule rule) {
        return OF_LINK.getOrDefault(rule.link(), ALL);
    }

    /** Whether it reads the battery though that is not asked there: how deep all of it floats moves it by a little. */
    static boolean floats(Rule rule, Line base) {
        Breaches.fails(base, rule);
        return (base.standsOn(rule) & Part.PACKS.bit()) != 0 && !said(rule).contains(RigAxis.BANK);
    }

    /**
     * Every rule that may fail, in one group of those that are decided alike; those that float, before that, by far.
     *
     * @param but links whose rules are not asked
     */
    static List<Relevance> groups(Line base, Set<Link> but) {
        List<Relevance> all = new ArrayList<>();
        Map<Set<RigAxis>, List<Rule>> byFar = new LinkedHashMap<>();
        Map<Set<RigAxis>, List<Rule>> known = new LinkedHashMap<>();
        for (Rule rule : Breaches.rules()) {
            if (but.contains(rule.link())) {
                continue;
            }
            known.computeIfAbsent(of(rule, base), each -> new ArrayList<>()).add(rule);
            if (floats(rule, base)) {
                byFar.computeIfAbsent(said(rule), each -> new ArrayList<>()).add(rule);
            }
        }
        known.forEach((axes, rules) -> all.add(new Relevance(axes, rules, 0)));
        byFar.forEach((axes, rules) -> all.add(new Relevance(axes, rules, FLOATS_WITHIN)));
        return all;
    }

    /** The first of its rules that gives, by as much as it takes to be sure. */
    Optional<Rule> gives(Line line) {
        for (Rule rule : rules) {
            if (Breaches.failsBy(line, rule) > by) {
                return Optional.of(rule);
            }
        }
        return Optional.empty();
    }

    /** Whether hardly two rigs of a search are decided alike. */
    boolean byAlmostAll() {
        return axes.size() >= AFLOAT.size();
    }

    /** How many questions have to be answered until it is decided. */
    int decidedAt() {
        return axes.stream().mapToInt(axis -> axis.ordinal() + 1).max().orElse(0);
    }
}
