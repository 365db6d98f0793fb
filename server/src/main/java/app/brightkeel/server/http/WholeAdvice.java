package app.brightkeel.server.http;

import app.brightkeel.core.advice.Advice;
import app.brightkeel.core.advice.Advisor;
import app.brightkeel.core.advice.Good;
import app.brightkeel.core.advice.RigAxis;
import app.brightkeel.core.advice.Title;
import app.brightkeel.core.advice.Turn;
import app.brightkeel.core.advice.WhyNot;
import app.brightkeel.core.advice.Worth;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import java.util.Comparator;
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
 * @param relax     what a wish has to give where nothing keeps all of them
 * @param measure   what to measure first, the nearest to a turn first
 * @param questions with the answers there are
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
        List<WishInTheWay> relax,
        List<MeasureFirst> measure,
        List<Question> questions) {

    /** So many are named of what may be measured. */
    private static final int MEASURED = 5;

    record RuledOut(String rule, long rigs) {}

    /**
     * @param more  whether more of it is better
     * @param least there is of it on the whole front
     * @param most  there is of it
     */
    record GoodShown(Good good, String words, boolean more, Amount least, Amount most) {}

    /** @param now whether the rig has it already */
    record AnswerShown(String question, Text answer, boolean now) {}

    /**
     * @param change that makes it
     * @param worth  by the goods, in their order
     */
    record NamedRig(
            String change, List<String> titles, List<AnswerShown> answers, List<Amount> worth, Text wins, Text gives) {}

    record FrontRig(String change, List<Amount> worth) {}

    record WishInTheWay(Good good, String words, Amount from, Amount to) {}

    /** @param then whether another rig is advised beyond it; else none of those that were looked at holds */
    record MeasureFirst(String what, Amount is, Amount turns, boolean then) {}

    record Question(RigAxis axis, String words, List<Advisor.Choice> choices) {}

    static WholeAdvice of(long revision, Advisor advisor, Map<Good, Double> wishes) {
        Map<RigAxis, List<Advisor.Choice>> choices = advisor.choices();
        Advice whole = advisor.advice(Map.of());
        Advice advice = wishes.isEmpty() ? whole : advisor.advice(wishes);
        return new WholeAdvice(
                revision,
                advisor.all(),
                advisor.searched(),
                advice.tally().cannot(),
                advice.tally().beaten(),
                advice.tally().broken().entrySet().stream()
                        .map(each -> new RuledOut(each.getKey(), each.getValue()))
                        .sorted(Comparator.comparing(RuledOut::rigs).reversed().thenComparing(RuledOut::rule))
                        .toList(),
                Stream.of(Good.values()).map(good -> shown(good, whole)).toList(),
                advice.named().stream().map(WholeAdvice::shown).toList(),
                advice.front().stream()
                        .map(each -> new FrontRig(Advisor.CHANGE + each.id(), amounts(each.worth())))
                        .toList(),
                advice.relax().stream()
                        .map(each -> new WishInTheWay(
                                each.good(),
                                each.good().words(),
                                each.good().amount(each.from()),
                                each.good().amount(each.to())))
                        .toList(),
                advisor.turns().stream().limit(MEASURED).map(WholeAdvice::shown).toList(),
                Stream.of(RigAxis.values())
                        .map(axis -> new Question(axis, axis.words(), choices.getOrDefault(axis, List.of())))
                        .toList());
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
                each.answers().stream()
                        .map(answer -> new AnswerShown(answer.axis().words(), answer.label(), answer.now()))
                        .toList(),
                amounts(each.worth()),
                each.wins(),
                each.gives());
    }

    private static MeasureFirst shown(Turn turn) {
        return new MeasureFirst(
                turn.words(), turn.is(), turn.turns(), turn.then().isPresent());
    }

    private static List<Amount> amounts(Worth worth) {
        return Stream.of(Good.values()).map(good -> good.amount(good.of(worth))).toList();
    }

    /**
     * Why an answer is not there.
     *
     * @param rules   what fails in the nearest rig with it
     * @param with    change that makes the best rig with it; "" where none holds
     * @param nearest change that makes the one it was held against; "" where there is none
     * @param costs   what wanting it costs against that
     */
    record WhyNotShown(Text says, List<Text> rules, String with, String nearest, Text costs) {

        static WhyNotShown of(WhyNot why) {
            return new WhyNotShown(why.says(), why.rules(), change(why.with()), change(why.nearest()), why.costs());
        }

        private static String change(Optional<String> rig) {
            return rig.map(id -> Advisor.CHANGE + id).orElse("");
        }
    }
}
