package app.brightkeel.core.advice;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.quantity.Worded;
import java.util.function.ToDoubleFunction;

/** Something that rigs are measured by. */
public enum Good implements Worded {
    HOURS("hours", true, Unit.HOUR, Worth.HOUR_STEP, Worth::hours, "{} longer", "{} shorter"),
    MASS("mass", false, Unit.KILOGRAM, Worth.MASS_STEP_KG, Worth::massKg, "{} heavier", "{} lighter"),
    PRICE("still to pay", false, Unit.MONEY, Worth.PRICE_STEP, Worth::price, "{} more to pay", "{} less to pay"),
    HOLES("holes to drill", false, Unit.COUNT, 1, Worth::holes, "{} more to drill", "{} less to drill"),
    MINUTES(
            "minutes to strip it",
            false,
            Unit.MINUTE,
            Worth.MINUTE_STEP,
            Worth::minutes,
            "{} more to strip it",
            "{} less to strip it"),
    SEEN("what is seen", true, Unit.PERCENT, Worth.SEEN_STEP, Worth::seen, "sees {} more", "sees {} less"),
    BUYS("parts to buy", false, Unit.COUNT, 1, Worth::buys, "{} more to buy", "{} fewer to buy");

    private final String words;
    private final boolean more;
    private final Unit unit;
    private final double step;
    private final ToDoubleFunction<Worth> of;
    private final String above;
    private final String below;

    Good(String words, boolean more, Unit unit, double step, ToDoubleFunction<Worth> of, String above, String below) {
        this.words = words;
        this.more = more;
        this.unit = unit;
        this.step = step;
        this.of = of;
        this.above = above;
        this.below = below;
    }

    @Override
    public String words() {
        return words;
    }

    /** Whether more of it is better. */
    public boolean more() {
        return more;
    }

    public double of(Worth worth) {
        return of.applyAsDouble(worth);
    }

    public Amount amount(double value) {
        return new Amount(value, unit);
    }

    /** By so much two differ where one would tell them apart. */
    public double step() {
        return step;
    }

    /** By how much one is better than another, in steps; below 0 where it is worse. */
    double steps(Worth one, Worth other) {
        double by = (of(one) - of(other)) / step;
        return more ? by : -by;
    }

    /** "2 h longer". */
    Text than(Worth one, Worth other) {
        double by = of(one) - of(other);
        return Text.of(by > 0 ? above : below, amount(Math.abs(by)));
    }

    /** How far two values are apart, in steps. */
    double far(double from, double to) {
        return Math.abs(to - from) / step;
    }

    /** Whether a worth keeps within a limit: at least that much, or at most. */
    boolean within(Worth worth, double limit) {
        return more ? of(worth) >= limit - step / 1000 : of(worth) <= limit + step / 1000;
    }
}
