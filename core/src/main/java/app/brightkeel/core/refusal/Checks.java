package app.brightkeel.core.refusal;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** Guards for record constructors: each returns its argument or throws a {@link Refusal} that names the field. */
public final class Checks {

    /** Longest name a person may give anything [characters]. */
    public static final int LONGEST_NAME = 120;

    private static final Pattern ID = Pattern.compile("[a-z0-9][a-z0-9-]{0,39}");

    private Checks() {}

    /** Within [low, high]; NaN and infinities never pass. */
    public static double within(String field, double value, double low, double high, String unit) {
        if (!(value >= low && value <= high)) {
            throw Refusal.outOfRange(field, value, low, high, unit);
        }
        return value;
    }

    /** Up to {@link #LONGEST_NAME} characters without control characters; may be empty. */
    public static String text(String field, String value) {
        if (value.length() > LONGEST_NAME || value.chars().anyMatch(Character::isISOControl)) {
            throw new Refusal(
                    RefusalCode.BAD_TEXT, field, value, "at most " + LONGEST_NAME + " characters on one line");
        }
        return value;
    }

    /** A text that is not blank. */
    public static String name(String field, String value) {
        if (value.isBlank()) {
            throw new Refusal(RefusalCode.BAD_TEXT, field, "blank", "1 to " + LONGEST_NAME + " characters");
        }
        return text(field, value);
    }

    /** Small letters, digits and hyphens, 1 to 40 of them. */
    public static String id(String field, String value) {
        if (!ID.matcher(value).matches()) {
            throw new Refusal(
                    RefusalCode.BAD_TEXT, field, value, "1 to 40 small letters, digits and hyphens, no hyphen first");
        }
        return value;
    }

    /** An immutable copy of a list that is not too long. */
    public static <T> List<T> atMost(String field, int most, List<T> list) {
        if (list.size() > most) {
            throw new Refusal(RefusalCode.TOO_MANY, field, String.valueOf(list.size()), "at most " + most);
        }
        return List.copyOf(list);
    }

    /** No id twice. */
    public static void distinct(String field, Collection<String> ids) {
        Set<String> seen = new HashSet<>();
        for (String id : ids) {
            if (!seen.add(id)) {
                throw new Refusal(RefusalCode.DUPLICATE, field, id, "each id once in a rig");
            }
        }
    }
}
