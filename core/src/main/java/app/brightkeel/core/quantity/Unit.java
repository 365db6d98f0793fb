package app.brightkeel.core.quantity;

/**
 * The one table of units: how an amount held in the program's own unit is shown, in either habit of measuring.
 *
 * <p>{@code docs/units.json} is made from it, so that screens convert by the same numbers.
 */
public enum Unit {
    METRE(Style.PLAIN, metric("m", 2), us(Style.FEET_INCHES, "ft", 1 / 0.3048, 0, 1)),
    /** Of water: in feet without inches. */
    DEPTH(Style.SHORT, metric("m", 1), us(Style.PLAIN, "ft", 1 / 0.3048, 0, 0)),
    /** How far something reaches: whole metres or feet. */
    REACH(Style.PLAIN, metric("m", 0), us(Style.PLAIN, "ft", 1 / 0.3048, 0, 0)),
    /** An angle, held in degrees. */
    DEGREE(Style.SHORT, metric("°", 1)),
    KILOHERTZ(Style.SHORT, metric("kHz", 1)),
    METRE_PER_SECOND(Style.PLAIN, metric("m/s", 0), us(Style.PLAIN, "ft/s", 1 / 0.3048, 0, 0)),
    GRAM_PER_KILOGRAM(Style.PLAIN, metric("g/kg", 1)),
    MILLIMETRE(Style.PLAIN, new Shown("mm", 1000, 0, 0), us(Style.PLAIN, "in", 1 / 0.0254, 0, 1)),
    /** Of letters and figures on a screen. */
    FINE_MILLIMETRE(Style.PLAIN, new Shown("mm", 1000, 0, 1), us(Style.PLAIN, "in", 1 / 0.0254, 0, 2)),
    NEWTON(Style.PLAIN, metric("N", 0), us(Style.PLAIN, "lbf", 1 / 4.4482216152605, 0, 0)),
    NEWTON_METRE(Style.PLAIN, metric("N·m", 1)),
    KILOGRAM(Style.PLAIN, metric("kg", 1), us(Style.PLAIN, "lb", 1 / 0.45359237, 0, 1)),
    /** Of little things that add up. */
    FINE_KILOGRAM(Style.PLAIN, metric("kg", 2), us(Style.PLAIN, "lb", 1 / 0.45359237, 0, 2)),
    CELSIUS(Style.PLAIN, metric("°C", 0), us(Style.PLAIN, "°F", 1.8, 32, 0)),
    /** Held as copper area [mm²]; shown as the nearest gauge where a person counts in AWG. */
    WIRE(Style.PLAIN, metric("mm²", 2), us(Style.WIRE_GAUGE, "AWG", 1, 0, 0)),
    OHM(Style.PLAIN, new Shown("mΩ", 1000, 0, 1)),
    OHM_PER_METRE(Style.PLAIN, new Shown("mΩ/m", 1000, 0, 1), us(Style.PLAIN, "mΩ/ft", 304.8, 0, 2)),
    VOLT(Style.PLAIN, metric("V", 2)),
    AMPERE(Style.PLAIN, metric("A", 2)),
    /** A fuse rating or another whole or half size. */
    RATING(Style.SHORT, metric("A", 1)),
    AMPERE_HOUR(Style.PLAIN, metric("Ah", 1)),
    WATT(Style.PLAIN, metric("W", 1)),
    DECIBEL_PER_KM(Style.PLAIN, metric("dB/km", 1)),
    /** Little currents that flow for long. */
    MILLIAMPERE(Style.PLAIN, new Shown("mA", 1000, 0, 0)),
    MILLIVOLT(Style.PLAIN, new Shown("mV", 1000, 0, 0)),
    MEGOHM(Style.PLAIN, new Shown("MΩ", 1e-6, 0, 2)),
    MINUTE(Style.SHORT, metric("min", 1)),
    SECOND(Style.SHORT, metric("s", 2)),
    /** Heat that a current brings into each ohm. */
    AMPERE_SQUARED_SECOND(Style.PLAIN, metric("A²s", 0)),
    /** In whatever money the person counts. */
    MONEY(Style.SHORT, metric("", 0)),
    /** The same of little sums. */
    FINE_MONEY(Style.PLAIN, metric("", 2)),
    WATT_HOUR(Style.PLAIN, metric("Wh", 0)),
    WATT_HOUR_PER_KILOGRAM(Style.PLAIN, metric("Wh/kg", 0)),
    HOUR(Style.HOURS_MINUTES, metric("h", 0)),
    /** A rated time such as "20 h", shown as a plain number. */
    RATED_HOUR(Style.SHORT, metric("h", 0)),
    /** Held as a fraction. */
    PERCENT(Style.PLAIN, new Shown("%", 100, 0, 0)),
    /** Held as a fraction, one decimal more. */
    FINE_PERCENT(Style.PLAIN, new Shown("%", 100, 0, 1)),
    /** How many times something is something else. */
    TIMES(Style.PLAIN, metric("", 1)),
    FACTOR(Style.PLAIN, metric("", 3)),
    COUNT(Style.SHORT, metric("", 0));

    /** How the number itself is written. */
    public enum Style {
        PLAIN,
        /** Without trailing zeros: 7.5, 3. */
        SHORT,
        /** 3 h 10. */
        HOURS_MINUTES,
        /** 6 ft 3.5 in. */
        FEET_INCHES,
        /** Nearest AWG by copper area. */
        WIRE_GAUGE
    }

    /** Shown value = held value × factor + offset, with so many decimals, followed by the symbol. */
    public record Shown(Style style, String symbol, double factor, double offset, int decimals) {
        private Shown(String symbol, double factor, double offset, int decimals) {
            this(Style.PLAIN, symbol, factor, offset, decimals);
        }

        private Shown styled(Style other) {
            return new Shown(other, symbol, factor, offset, decimals);
        }
    }

    private final Shown metric;
    private final Shown us;

    Unit(Style style, Shown metric, Shown us) {
        this.metric = metric.styled(style);
        this.us = us;
    }

    Unit(Style style, Shown both) {
        this(style, both, both.styled(style));
    }

    public Shown metric() {
        return metric;
    }

    public Shown us() {
        return us;
    }

    private static Shown metric(String symbol, int decimals) {
        return new Shown(symbol, 1, 0, decimals);
    }

    private static Shown us(Style style, String symbol, double factor, double offset, int decimals) {
        return new Shown(style, symbol, factor, offset, decimals);
    }
}
