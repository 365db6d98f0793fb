package app.brightkeel.server.http;

import app.brightkeel.core.advice.Advice;
import app.brightkeel.core.advice.Advisor;
import app.brightkeel.core.advice.Good;
import app.brightkeel.core.advice.InTheWay;
import app.brightkeel.core.advice.RigAxis;
import app.brightkeel.core.advice.RuledOut;
import app.brightkeel.core.advice.Title;
import app.brightkeel.core.advice.Turn;
import app.brightkeel.core.advice.WhyNot;
import app.brightkeel.core.advice.Worth;
import app.brightkeel.core.picture.FrontScene;
import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Whole rigs advised, as the screen shows them.
 *
 * @param revision  of the rig they are advised for
 * @param all       rigs, if every answer went with every other
 * @param searched  how many of them were gone through
 * @param cannot    of those that cannot be put together
 * @param beaten    that are no better in anything than one that is shown
 * @param ruledOut  by rule, those that ruled out most first
 * @param goods     what they are measured by
 * @param named     a few by name, the one that is enough first
 * @param front     all that nothing beats
 * @param picture   of that by two of the goods
 * @param relax     what a wish has to give where nothing keeps all of them
 * @param inTheWay  of rigs at all, where none holds whatever is wished
 * @param measure   what to measure first, the nearest to a turn first
 * @param questions with the answers there are
 * @param said      wishes that the rig itself says: they count unless they are lifted
 */
record WholeAdvice(
        long revision,
        long all,
        long searched,
        long cannot,
        long beaten,
        List<RuledOut> ruledOut,
        List<GoodShown> goods,
        List<NamedRig> named,
        List<FrontRig> front,
        Scene picture,
        List<WishInTheWay> relax,
        List<LinkInTheWay> inTheWay,
        List<MeasureFirst> measure,
        List<Question> questions,
        List<SaidWish> said) {

    /** So many are named of what may be measured. */
    private static final int MEASURED = 5;

    /**
     * @param more  whether more of it is better
     * @param least there is of it on the whole front
     * @param most  there is of it
     */
    record GoodShown(Good good, String words, boolean more, Amount least, Amount most) {}

    /**
     * @param now     whether the rig has it already
     * @param because what would be with the one it has; no words where that makes no difference
     */
    record AnswerShown(String question, Text answer, boolean now, Text because) {}

    /** What was found that fails or holds by little, and on which link. */
    record FoundShown(Link link, Text says) {}

    /**
     * @param change that makes it
     * @param titles for what it is named; none of a rig that was pointed at
     * @param worth  by the goods, in their order
     * @param surely how long it lasts on nine days of ten; no words where that is open
     * @param tight  what holds by little
     */
    record NamedRig(
            String change,
            List<String> titles,
            List<AnswerShown> answers,
            List<Amount> worth,
            Text wins,
            Text gives,
            Text surely,
            List<FoundShown> tight) {}

    record FrontRig(String change, List<Amount> worth) {}

    /** A wish that the rig itself says. */
    record SaidWish(Good good, Amount at) {}

    /**
     * @param links  but for which something would hold
     * @param fails  there, in the rig that is nearest to holding
     * @param change that makes it
     */
    record LinkInTheWay(List<Link> links, List<FoundShown> fails, String change) {}

    record WishInTheWay(Good good, String words, Amount from, Amount to) {}

    /**
     * @param edge whether it turns there and then: it was taken for just what is enough
     * @param then whether another rig is advised beyond it; else none of those that were looked at holds
     */
    record MeasureFirst(String what, Amount is, Amount turns, boolean edge, boolean then) {}

    record Question(RigAxis axis, String words, List<Advisor.Choice> choices) {}

    static WholeAdvice of(long revision, Advisor advisor, Map<Good, Double> wishes, Good across, Good up) {
        Map<RigAxis, List<Advisor.Choice>> choices = advisor.choices();
        Advice whole = advisor.advice(Map.of());
        Advice advice = wishes.isEmpty() ? whole : advisor.advice(wishes);
        return new WholeAdvice(
                revision,
                advisor.all(),
                advisor.searched(),
                advice.tally().cannot(),
                advice.tally().beaten(),
                RuledOut.of(advice.tally().broken()),
                Stream.of(Good.values()).map(good -> shown(good, whole)).toList(),
                advice.named().stream().map(WholeAdvice::shown).toList(),
                advice.front().stream()
                        .map(each -> new FrontRig(Advisor.CHANGE + each.id(), amounts(each.worth())))
                        .toList(),
                FrontScene.of(advice, across, up),
                advice.relax().stream()
                        .map(each -> new WishInTheWay(
                                each.good(),
                                each.good().words(),
                                each.good().amount(each.from()),
                                each.good().amount(each.to())))
                        .toList(),
                advisor.inTheWay().stream().map(WholeAdvice::shown).toList(),
                advisor.turns().stream().limit(MEASURED).map(WholeAdvice::shown).toList(),
                Stream.of(RigAxis.values())
                        .map(axis -> new Question(axis, axis.words(), choices.getOrDefault(axis, List.of())))
                        .toList(),
                advisor.said().entrySet().stream()
                        .map(each -> new SaidWish(each.getKey(), each.getKey().amount(each.getValue())))
                        .toList());
    }

    /** Any rig of the front, by the change that makes it. */
    static Optional<NamedRig> one(Advisor advisor, String change) {
        return id(change).flatMap(rig -> advisor.advised(Map.of(), rig)).map(WholeAdvice::shown);
    }

    /** Of a rig, by the change that makes it; empty where that is another change. */
    static Optional<String> id(String change) {
        return change.startsWith(Advisor.CHANGE)
                ? Optional.of(change.substring(Advisor.CHANGE.length()))
                : Optional.empty();
    }

    private static GoodShown shown(Good good, Advice whole) {
        double[] all = whole.front().stream()
                .mapToDouble(each -> good.of(each.worth()))
                .sorted()
                .toArray();
        double least = all.length == 0 ? 0 : all[0];
        double most = all.length == 0 ? 0 : all[all.length - 1];
        return new GoodShown(good, good.words(), good.more(), good.amount(least), good.amount(most));
    }

    private static NamedRig shown(Advice.Advised each) {
        return new NamedRig(
                Advisor.CHANGE + each.id(),
                each.titles().stream().map(Title::words).toList(),
                each.answers().stream().map(WholeAdvice::shown).toList(),
                amounts(each.worth()),
                each.wins(),
                each.gives(),
                each.surely(),
                each.tight().stream()
                        .map(tight -> new FoundShown(tight.link(), tight.says()))
                        .toList());
    }

    static AnswerShown shown(Advice.Answer answer) {
        return new AnswerShown(answer.axis().words(), answer.label(), answer.now(), answer.because());
    }

    private static LinkInTheWay shown(InTheWay way) {
        return new LinkInTheWay(
                List.copyOf(way.links()),
                way.fails().stream().map(WholeAdvice::shown).toList(),
                Advisor.CHANGE + way.rig());
    }

    private static FoundShown shown(Finding finding) {
        return new FoundShown(finding.link(), finding.text());
    }

    private static MeasureFirst shown(Turn turn) {
        return new MeasureFirst(
                turn.words(), turn.is(), turn.turns(), turn.edge(), turn.then().isPresent());
    }

    static List<Amount> amounts(Worth worth) {
        return Stream.of(Good.values()).map(good -> good.amount(good.of(worth))).toList();
    }

    /**
     * Why an answer is not there.
     *
     * @param rules   what fails in the nearest rig with it
     * @param tried   change that makes that rig; "" where one with it holds, or none can be put together
     * @param with    change that makes the best rig with it; "" where none holds
     * @param nearest change that makes the one it was held against; "" where there is none
     * @param costs   what wanting it costs against that
     * @param ruledOut of rigs with it, by which rule
     */
    record WhyNotShown(
            Text says,
            List<FoundShown> rules,
            String tried,
            String with,
            String nearest,
            Text costs,
            List<RuledOut> ruledOut) {

        static WhyNotShown of(WhyNot why) {
            return new WhyNotShown(
                    why.says(),
                    why.rules().stream().map(WholeAdvice::shown).toList(),
                    change(why.tried()),
                    change(why.with()),
                    change(why.nearest()),
                    why.costs(),
                    RuledOut.of(why.broken()));
        }

        private static String change(Optional<String> rig) {
            return rig.map(id -> Advisor.CHANGE + id).orElse("");
        }
    }
}
