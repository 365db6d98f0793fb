package app.brightkeel.core.review;

import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Rounding;
import app.brightkeel.core.review.Rule.Judgement.Measured;
import java.util.List;
import java.util.function.BiConsumer;

/** Keeps the worst of several measurements of one rule. */
public final class WorstOf {

    private double headroom = Double.POSITIVE_INFINITY;
    private String template = "";
    private Object[] parts = {};
    private int faults;

    /** Counts one measurement; its words are made only if it turns out the worst. */
    public void add(double itsHeadroom, String itsTemplate, Object... itsParts) {
        faults += Rule.comfortable(itsHeadroom) ? 0 : 1;
        if (itsHeadroom < headroom) {
            headroom = itsHeadroom;
            template = itsTemplate;
            parts = itsParts;
        }
    }

    /** The worst over all items of a stage's result; silence where that is not known yet, or there is none. */
    public static <T> Rule.Judgement of(Outcome<List<T>> items, BiConsumer<WorstOf, T> measure) {
        WorstOf worst = new WorstOf();
        items.orElse(List.of()).forEach(item -> measure.accept(worst, item));
        return worst.judgement();
    }

    /** The worst one, or silence where there was none. */
    public Rule.Judgement judgement() {
        return headroom == Double.POSITIVE_INFINITY
                ? Rule.SILENT
                : new Measured(headroom, template, List.of(parts), faults);
    }

    /**
     * Headroom against a limit that is itself allowed: 0.15 exactly at it, towards 1 well below, negative above.
     *
     * @param limit positive
     */
    public static double within(double value, double limit) {
        double left = Rounding.settled(1 - value / limit);
        return left < 0 ? left : Rule.COMFORTABLE + (1 - Rule.COMFORTABLE) * left;
    }
}
