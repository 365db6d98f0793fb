package app.brightkeel.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A number in the program's own unit and the unit it is shown in.
 *
 * @param si   finite; in the held unit that {@link Unit} names (metres, fractions, hours...)
 */
public record Amount(double si, Unit unit) {

    private static final int THICKEST_AWG = 6;
    private static final int THINNEST_AWG = 24;

    public Amount {
        if (!Double.isFinite(si)) {
            throw new IllegalArgumentException("an amount of " + si + " " + unit + " is never shown");
        }
    }

    /** As written in metric by the command line: "3 h 10", "12.4 V". */
    public String plain() {
        return in(Habit.METRIC);
    }

    /** As written in a habit of measuring: "3.20 m", "10 ft 6 in", "22 AWG". */
    public String in(Habit habit) {
        Unit.Shown shown = habit == Habit.METRIC ? unit.metric() : unit.us();
        double value = si * shown.factor() + shown.offset();
        return switch (shown.style()) {
            case HOURS_MINUTES -> hoursMinutes(value);
            case FEET_INCHES -> feetInches(value, shown.decimals());
            case WIRE_GAUGE -> nearestAwg() + " " + shown.symbol();
            case SHORT -> withSymbol(trimmed(value, shown.decimals()), shown.symbol());
            case PLAIN -> withSymbol(rounded(value, decimals(value, shown.decimals())), shown.symbol());
        };
    }

    /** From a hundred on nobody reads decimals, from ten on one; but a tenth of a volt says how full a battery is. */
    private int decimals(double value, int usual) {
        double size = Math.abs(value);
        return size >= 100 ? 0 : size >= 10 && unit != Unit.VOLT ? Math.min(usual, 1) : usual;
    }

    private static String rounded(double value, int decimals) {
        return signed(value, half(value, decimals));
    }

    private static String feetInches(double feet, int decimals) {
        BigDecimal inches = half(feet * 12, decimals);
        BigDecimal[] whole = inches.divideAndRemainder(BigDecimal.valueOf(12));
        String rest = bare(whole[1]) + " in";
        return signed(feet, inches, whole[0].signum() == 0 ? rest : bare(whole[0]) + " ft " + rest);
    }

    /** Areas fall by the same ratio from size to size (ASTM B258), so the nearest is a rounded logarithm. */
    private long nearestAwg() {
        double millimetres = Math.sqrt(4 * si / Math.PI);
        double number = 36 - 39 * Math.log(millimetres / 0.127) / Math.log(92);
        return Math.max(THICKEST_AWG, Math.min(THINNEST_AWG, 2 * Math.round(number / 2)));
    }

    private static String withSymbol(String number, String symbol) {
        return number + (symbol.isEmpty() || symbol.equals("°") ? symbol : " " + symbol);
    }

    private static String trimmed(double value, int decimals) {
        BigDecimal rounded = half(value, decimals);
        return signed(value, rounded, bare(rounded));
    }

    /** Its size, rounded as a person does who reads the number. */
    private static BigDecimal half(double value, int decimals) {
        return BigDecimal.valueOf(Math.abs(value)).setScale(decimals, RoundingMode.HALF_UP);
    }

    private static String bare(BigDecimal size) {
        return size.stripTrailingZeros().toPlainString();
    }

    private static String signed(double value, BigDecimal rounded) {
        return signed(value, rounded, rounded.toPlainString());
    }

    /** What is rounded to nothing has no sign. */
    private static String signed(double value, BigDecimal rounded, String words) {
        return value < 0 && rounded.signum() != 0 ? "−" + words : words;
    }

    private static String hoursMinutes(double hours) {
        long minutes = Math.round(Math.abs(hours) * 60);
        return signed(hours, BigDecimal.valueOf(minutes), "%d h %02d".formatted(minutes / 60, minutes % 60));
    }
}
