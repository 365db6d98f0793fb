package app.brightkeel.server.files.log;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Units of depths and temperatures in logs. */
enum LogUnit {
    METRE(1, 0),
    CENTIMETRE(0.01, 0),
    /** International foot, exact. */
    FOOT(0.3048, 0),
    /** Two yards, exact. */
    FATHOM(1.8288, 0),
    CELSIUS(1, 0),
    FAHRENHEIT(5.0 / 9, -32 * 5.0 / 9),
    KELVIN(1, -273.15);

    private static final Map<String, LogUnit> LENGTHS = Map.ofEntries(
            Map.entry("m", METRE),
            Map.entry("meter", METRE),
            Map.entry("meters", METRE),
            Map.entry("metre", METRE),
            Map.entry("metres", METRE),
            Map.entry("cm", CENTIMETRE),
            Map.entry("ft", FOOT),
            Map.entry("foot", FOOT),
            Map.entry("feet", FOOT),
            Map.entry("'", FOOT),
            Map.entry("f", FATHOM),
            Map.entry("fm", FATHOM),
            Map.entry("ftm", FATHOM),
            Map.entry("fath", FATHOM),
            Map.entry("fathom", FATHOM),
            Map.entry("fathoms", FATHOM));

    private static final Map<String, LogUnit> TEMPERATURES = Map.ofEntries(
            Map.entry("c", CELSIUS),
            Map.entry("°c", CELSIUS),
            Map.entry("degc", CELSIUS),
            Map.entry("celsius", CELSIUS),
            Map.entry("f", FAHRENHEIT),
            Map.entry("°f", FAHRENHEIT),
            Map.entry("degf", FAHRENHEIT),
            Map.entry("fahrenheit", FAHRENHEIT),
            Map.entry("k", KELVIN),
            Map.entry("kelvin", KELVIN));

    private final double factor;
    private final double offset;

    LogUnit(double factor, double offset) {
        this.factor = factor;
        this.offset = offset;
    }

    /** In metres or in degrees Celsius. */
    double si(double value) {
        return value * factor + offset;
    }

    /** @param length whether it is to be one: F is a fathom there and Fahrenheit else */
    static Optional<LogUnit> named(String word, boolean length) {
        String small = word.strip().toLowerCase(Locale.ROOT);
        return Optional.ofNullable((length ? LENGTHS : TEMPERATURES).get(small));
    }
}
