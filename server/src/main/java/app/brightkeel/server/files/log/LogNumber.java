package app.brightkeel.server.files.log;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A number as people and programs write it, with a unit behind it or without: {@code 6.1}, {@code 6,1 m}, {@code -20 ft}.
 *
 * @param unit as it stands there; empty where none does
 */
record LogNumber(double value, String unit) {

    private static final Pattern SHAPE =
            Pattern.compile("([-+−]?(?:\\d+(?:[.,]\\d*)?|[.,]\\d+)(?:[eE][-+]?\\d+)?)\\s*(\\p{L}*|°\\s*\\p{L}|')");

    /** Empty where it is no number, or one with both a comma and a point. */
    static Optional<LogNumber> of(String text) {
        Matcher shape = SHAPE.matcher(text.strip());
        if (!shape.matches()) {
            return Optional.empty();
        }
        double value = Double.parseDouble(shape.group(1).replace(',', '.').replace('−', '-'));
        return Optional.of(new LogNumber(value, shape.group(2).replace(" ", "")));
    }

    /** @param unit it is in where it does not say; empty where what it says is no such unit */
    Optional<Double> si(LogUnit usual, boolean length) {
        if (unit.isEmpty()) {
            return Optional.of(usual.si(value));
        }
        return LogUnit.named(unit, length).map(said -> said.si(value));
    }
}
