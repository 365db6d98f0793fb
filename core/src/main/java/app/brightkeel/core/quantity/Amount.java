package app.brightkeel.core.quantity;

/**
 * A number in the program's own unit and the unit it is shown in.
 *
 * @param si   finite; in the held unit that {@link Unit} names (metres, fractions, hours...)
 */
public record Amount(double si, Unit unit) {
    public Amount {
        if (!Double.isFinite(si)) {
            throw new IllegalArgumentException("an amount of " + si + " " + unit + " is never shown");
        }
    }

    /** As written in metric by the command line: "3 h 10", "12.4 V". */
    public String plain() {
        Unit.Shown shown = unit.metric();
        double value = si * shown.factor() + shown.offset();
        return switch (shown.style()) {
            case HOURS_MINUTES -> hoursMinutes(value);
            case SHORT -> withSymbol(trimmed(value, shown.decimals()), shown.symbol());
            default ->
                withSymbol(String.format(java.util.Locale.ROOT, "%." + shown.decimals() + "f", value), shown.symbol());
        };
    }

    private static String withSymbol(String number, String symbol) {
        return symbol.isEmpty() ? number : number + " " + symbol;
    }

    private static String trimmed(double value, int decimals) {
        return java.math.BigDecimal.valueOf(value)
                .setScale(decimals, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String hoursMinutes(double hours) {
        long minutes = Math.round(Math.abs(hours) * 60);
        return "%s%d h %02d".formatted(hours < 0 && minutes > 0 ? "−" : "", minutes / 60, minutes % 60);
    }
}
