package app.brightkeel.core.symptom;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.review.Finding;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Weighs the causes of one symptom by what was answered, and finds what tells most next. */
final class Inquiry {

    private static final int MOST_NEXT = 3;

    /** A cause is all but certain from here on. */
    private static final double SURE = 0.85;

    /** Worth a cure. */
    private static final double WORTH = 0.07;

    /** Below that an answer is not worth the way [bits]. */
    private static final double LEAST_BITS = 0.02;

    private static final double NEGLIGIBLE = 0.004;

    private final Line line;
    private final Symptom symptom;
    private final RigSigns signs;
    private final List<Known.Test> tests;
    private final Map<Known.Test, Boolean> answers = new LinkedHashMap<>();
    private final Map<Known.Cause, Double> weights;

    Inquiry(Line line, List<Finding> findings, Symptom symptom, Map<String, Boolean> said) {
        this.line = line;
        this.symptom = symptom;
        signs = new RigSigns(line, findings);
        Map<Known.Cause, Double> often = Known.causes(symptom);
        tests = Known.tests(often).stream().filter(signs::canAsk).toList();
        said.forEach((id, yes) ->
                tests.stream().filter(test -> test.id().equals(id)).forEach(test -> answers.put(test, yes)));
        Map<Known.Cause, Double> prior = new LinkedHashMap<>();
        often.forEach((cause, times) -> prior.put(cause, times * signs.factor(cause)));
        Map<Known.Cause, Double> after = normal(prior);
        for (Map.Entry<Known.Test, Boolean> answer : answers.entrySet()) {
            after = after(after, answer.getKey(), answer.getValue());
        }
        weights = after;
    }

    private static Map<Known.Cause, Double> normal(Map<Known.Cause, Double> weights) {
        double sum = weights.values().stream().mapToDouble(Double::doubleValue).sum();
        Map<Known.Cause, Double> all = new LinkedHashMap<>();
        weights.forEach((cause, weight) -> all.put(cause, weight / sum));
        return all;
    }

    private static Map<Known.Cause, Double> after(Map<Known.Cause, Double> before, Known.Test test, boolean yes) {
        Map<Known.Cause, Double> all = new LinkedHashMap<>();
        before.forEach((cause, weight) ->
                all.put(cause, weight * (yes ? Known.yes(cause, test) : 1 - Known.yes(cause, test))));
        return normal(all);
    }

    SymptomCase told() {
        List<Map.Entry<Known.Cause, Double>> sorted = sorted(weights);
        List<SymptomCase.Likely> likely = sorted.stream()
                .filter(each -> each.getValue() > NEGLIGIBLE)
                .map(each -> new SymptomCase.Likely(
                        each.getKey().id(), each.getKey().what(), each.getValue(), signs.because(each.getKey())))
                .toList();
        List<SymptomCase.CureStep> cures = sorted.stream()
                .filter(each -> each.getValue() > WORTH)
                .sorted(Comparator.comparing(each -> each.getKey().tier()))
                .map(each -> new SymptomCase.CureStep(
                        each.getKey().id(),
                        each.getKey().tier(),
                        each.getKey().link(),
                        each.getKey().what(),
                        each.getKey().cure(),
                        each.getValue()))
                .toList();
        // nobody is sure who asked nothing
        boolean sure = !answers.isEmpty() && sorted.get(0).getValue() > SURE;
        List<SymptomCase.Asking> next = sure ? List.of() : next();
        return new SymptomCase(
                symptom,
                likely,
                cures,
                next,
                answers.entrySet().stream()
                        .map(each ->
                                new SymptomCase.Answered(each.getKey().id(), question(each.getKey()), each.getValue()))
                        .toList(),
                says(sorted.get(0), sure, next.isEmpty()),
                symptom == Symptom.DIES_AT_CRANKING ? LargerBoat.words(line.rig()) : Text.of(""));
    }

    private static List<Map.Entry<Known.Cause, Double>> sorted(Map<Known.Cause, Double> weights) {
        List<Map.Entry<Known.Cause, Double>> all = new ArrayList<>(weights.entrySet());
        all.sort(Map.Entry.<Known.Cause, Double>comparingByValue().reversed());
        return all;
    }

    private static Text says(Map.Entry<Known.Cause, Double> first, boolean sure, boolean nothingLeft) {
        Amount share = new Amount(first.getValue(), Unit.PERCENT);
        if (sure) {
            return Text.of(
                    "All but certain ({}): {}.",
                    share,
                    Worded.small(first.getKey().what()));
        }
        return nothingLeft
                ? Text.of(
                        "Likeliest ({}): {}. Nothing here tells more: take the cures in their order, one at a time.",
                        share,
                        Worded.small(first.getKey().what()))
                : Text.of(
                        "Likeliest so far ({}): {}.",
                        share,
                        Worded.small(first.getKey().what()));
    }

    private List<SymptomCase.Asking> next() {
        return tests.stream()
                .filter(test -> !answers.containsKey(test))
                .map(this::asking)
                .filter(asking -> asking.bits() > LEAST_BITS)
                .sorted(Comparator.comparingDouble(SymptomCase.Asking::bits).reversed())
                .limit(MOST_NEXT)
                .toList();
    }

    private SymptomCase.Asking asking(Known.Test test) {
        return new SymptomCase.Asking(
                test.id(),
                question(test),
                how(test),
                bits(test),
                test.minutes(),
                meaning(test, true),
                meaning(test, false));
    }

    /** Mutual information of cause and answer [bits]. */
    private double bits(Known.Test test) {
        double yes = 0;
        double given = 0;
        for (Map.Entry<Known.Cause, Double> each : weights.entrySet()) {
            double mine = Known.yes(each.getKey(), test);
            yes += each.getValue() * mine;
            given += each.getValue() * entropy(mine);
        }
        return Math.max(0, entropy(yes) - given);
    }

    private static double entropy(double yes) {
        double no = 1 - yes;
        return yes <= 0 || no <= 0 ? 0 : -(yes * Math.log(yes) + no * Math.log(no)) / Math.log(2);
    }

    private Text meaning(Known.Test test, boolean yes) {
        List<Map.Entry<Known.Cause, Double>> after = sorted(after(weights, test, yes));
        Map.Entry<Known.Cause, Double> first = after.get(0);
        double before = weights.getOrDefault(first.getKey(), 0.0);
        return Text.of(
                first.getValue() > before ? "then likeliest, {}: {}" : "still likeliest, {}: {}",
                new Amount(first.getValue(), Unit.PERCENT),
                Worded.small(first.getKey().what()));
    }

    private Text question(Known.Test test) {
        return signs.volts(test)
                .map(volts -> Text.of(test.question(), new Amount(volts.limit(), Unit.VOLT)))
                .orElseGet(() -> Text.of(test.question()));
    }

    private Text how(Known.Test test) {
        return signs.volts(test)
                .map(volts -> Text.of(test.how(), new Amount(volts.planned(), Unit.VOLT)))
                .orElseGet(() -> Text.of(test.how()));
    }
}
