package app.brightkeel.core.review.whole;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.Rule.Judgement;
import app.brightkeel.core.review.Ruling;
import app.brightkeel.core.review.Trait;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Sharing;
import java.util.ArrayList;
import java.util.List;

/**
 * An alternative against what is planned: by the rules it fails, mends or comes close to, and by its traits.
 *
 * @param fails words of every rule that fails with it: of the links that stand or fall with it, and what did not fail before
 * @param wins  what it does better
 * @param loses what it does worse
 */
record Against(List<Text> fails, List<Text> wins, List<Text> loses) {

    Against {
        fails = List.copyOf(fails);
        wins = List.copyOf(wins);
        loses = List.copyOf(loses);
    }

    /** Whether it says this already. */
    boolean tells(Text words) {
        return wins.contains(words) || loses.contains(words);
    }

    /** Whether nothing tells it from what is planned. */
    boolean isEmpty() {
        return fails.isEmpty() && wins.isEmpty() && loses.isEmpty();
    }

    /** What is planned against itself: what is wrong with it and nothing else. */
    static Against of(Line planned, Line then, LinkReview compared, LinkReview.Merit merit, RigReviewer reviewer) {
        List<Text> fails = new ArrayList<>();
        List<Text> wins = new ArrayList<>();
        List<Text> loses = new ArrayList<>();
        boolean itself = then.entered().equals(planned.entered());
        for (Link link : Link.values()) {
            List<Ruling> before = reviewer.standing(planned, link).rulings();
            List<Ruling> after = reviewer.standing(then, link).rulings();
            boolean own = compared.own().contains(link);
            for (int k = 0; k < after.size(); k++) {
                Ruling was = before.get(k);
                Ruling is = after.get(k);
                if (counts(is) == Verdict.FAILS && (own || counts(was) != Verdict.FAILS)) {
                    fails.add(words(is));
                } else if (better(was, is)) {
                    wins.add(mended(was, is));
                } else if (counts(is) != Verdict.HOLDS && (itself ? own : counts(was) == Verdict.HOLDS)) {
                    loses.add(counts(is) == Verdict.UNSET ? Text.of("leaves unsaid: {}", words(is)) : words(is));
                }
            }
        }
        traits(then.rig().sharing(), merit, wins, loses);
        return new Against(fails, wins, loses);
    }

    private static Verdict counts(Ruling ruling) {
        return ruling.putAside() ? Verdict.HOLDS : ruling.verdict();
    }

    /** Mended, or no longer failing: a question instead of a finding is neither, nor is silence where less is known. */
    private static boolean better(Ruling was, Ruling is) {
        boolean measured = is.judgement() instanceof Judgement.Measured;
        return measured && was.toMend() && !was.putAside() && counts(is) == Verdict.HOLDS && !is.putAside()
                || counts(was) == Verdict.FAILS && counts(is) == Verdict.CLOSE;
    }

    private static Text mended(Ruling was, Ruling is) {
        return counts(is) == Verdict.HOLDS
                ? Text.of("mends “{}”", words(was))
                : Text.of("works, if only just: {}", words(is));
    }

    private static Text words(Ruling ruling) {
        return ruling.judgement() instanceof Judgement.Ask ask
                ? ask.text()
                : ((Judgement.Measured) ruling.judgement()).text();
    }

    private static void traits(Sharing sharing, LinkReview.Merit merit, List<Text> wins, List<Text> loses) {
        for (Trait is : merit.is()) {
            for (Trait was : merit.was()) {
                if (was.name().equals(is.name())) {
                    double over = is.over(was);
                    if (over != 0) {
                        is.against(was)
                                .ifPresent(words -> (over > 0 ? wins : loses).add(because(is.name(), words, sharing)));
                    }
                }
            }
        }
    }

    /** With what the way the craft travels and is shared makes of it. */
    private static Text because(String about, Text words, Sharing sharing) {
        String why = switch (about) {
            case "coming off", "minutes to take off" -> sharing.whyRemoval();
            case "sharing", "moving on" -> sharing.whyShared();
            case "theft" -> sharing.whyTheft();
            default -> "";
        };
        return why.isEmpty() ? words : Text.of("{} ({})", words, why);
    }
}
