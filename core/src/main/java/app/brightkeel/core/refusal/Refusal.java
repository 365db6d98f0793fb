package app.brightkeel.core.refusal;

import java.util.Locale;

/**
 * Something that cannot be represented or computed: names the field, the value found and what is allowed.
 *
 * <p>Thrown by records that check themselves; the server turns it into a problem detail. An
 * {@link IllegalArgumentException} stays what it is: a bug of ours.
 */
public final class Refusal extends RuntimeException {

    private static final int LONGEST_VALUE_SHOWN = 60;

    private final RefusalCode code;
    private final String field;
    private final String value;
    private final String allowed;

    /**
     * @param field   name of the component that was refused, relative to the record that refuses; "" for the whole
     * @param value   what was found, shortened for display
     * @param allowed what would have been accepted, in words or as a range with its unit
     */
    public Refusal(RefusalCode code, String field, String value, String allowed) {
        super(sentence(field, shortened(value), allowed));
        this.code = code;
        this.field = field;
        this.value = shortened(value);
        this.allowed = allowed;
    }

    /** A number outside [low, high]. */
    public static Refusal outOfRange(String field, double value, double low, double high, String unit) {
        String range = "%s to %s %s".formatted(plain(low), plain(high), unit).strip();
        return new Refusal(RefusalCode.OUT_OF_RANGE, field, plain(value), range);
    }

    public RefusalCode code() {
        return code;
    }

    public String field() {
        return field;
    }

    public String value() {
        return value;
    }

    public String allowed() {
        return allowed;
    }

    private static String sentence(String field, String value, String allowed) {
        String name = field.isEmpty() ? "this" : field;
        return value.isEmpty() ? name + ": " + allowed : name + " is " + value + "; allowed: " + allowed;
    }

    private static String shortened(String value) {
        return value.length() <= LONGEST_VALUE_SHOWN ? value : value.substring(0, LONGEST_VALUE_SHOWN) + "…";
    }

    private static String plain(double value) {
        if (value == Math.rint(value) && Math.abs(value) < 1e15) {
            return String.format(Locale.ROOT, "%d", (long) value);
        }
        return Double.toString(value);
    }
}
