package app.brightkeel.core.advice;

/**
 * What a rig is measured by among others, in steps that a person would tell apart: a rig that is better by less than one is
 * not better.
 *
 * @param hours   it lasts, up to twice its day; by steps of half an hour [h]
 * @param massKg  of display, battery and transducer, by 50 g [kg]
 * @param price   of what has yet to be bought of its main parts, by 5
 * @param holes   to be drilled
 * @param minutes to strip it, by half minutes [min]
 * @param seen    how well it sees in this water, 0 to 1, by 0.05
 * @param buys    main parts that have yet to be bought
 */
public record Worth(double hours, double massKg, double price, int holes, double minutes, double seen, int buys) {

    static final double HOUR_STEP = 0.5;
    static final double MASS_STEP_KG = 0.05;
    static final double PRICE_STEP = 5;
    static final double MINUTE_STEP = 0.5;
    static final double SEEN_STEP = 0.05;

    /** Rounded to steps, towards the worse. */
    static Worth of(double hours, double massKg, double price, int holes, double minutes, double seen, int buys) {
        return new Worth(
                down(hours, HOUR_STEP),
                -down(-massKg, MASS_STEP_KG),
                -down(-price, PRICE_STEP),
                holes,
                -down(-minutes, MINUTE_STEP),
                down(seen, SEEN_STEP),
                buys);
    }

    private static double down(double value, double step) {
        // + 0.0 makes no difference of nothing and minus nothing
        return Math.floor(value / step + 1e-9) * step + 0.0;
    }

    /** Whether it is at least as good in everything. */
    boolean covers(Worth other) {
        return price <= other.price
                && massKg <= other.massKg
                && hours >= other.hours
                && seen >= other.seen
                && minutes <= other.minutes
                && holes <= other.holes
                && buys <= other.buys;
    }
}
