package app.brightkeel.core.refusal;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Guards for record constructors: each returns its argument or throws a {@link Refusal} that names the field. */
public final class Checks {

    /** Longest name a person may give anything [characters]. */
    public static final int LONGEST_NAME = 120;

    private static final String LEFT_OUT = " … ";

    private static final int LONGEST_ID = 40;

    private Checks() {}

    /** Within [low, high]; NaN and infinities never pass. */
    public static double within(String field, double value, double low, double high, String unit) {
        if (!(value >= low && value <= high)) {
            throw Refusal.outOfRange(field, value, low, high, unit);
        }
        return value;
    }

    /** A name made up of others, with its middle left out where they are long together: what is done last is said last. */
    public static String fitted(String name) {
        if (name.length() <= LONGEST_NAME) {
            return name;
        }
        int half = (LONGEST_NAME - LEFT_OUT.length()) / 2;
        int from = name.length() - half;
        boolean pair = Character.isLowSurrogate(name.charAt(from));
        return cut(name, half).strip()
                + LEFT_OUT
                + name.substring(pair ? from + 1 : from).strip();
    }

    /** The first characters of a text, and never half of one that takes two. */
    public static String cut(String text, int most) {
        if (text.length() <= most) {
            return text;
        }
        boolean pair = most > 0 && Character.isHighSurrogate(text.charAt(most - 1));
        return text.substring(0, pair ? most - 1 : most);
    }

    /**
     * Up to {@link #LONGEST_NAME} characters on one line, see {@link #sound}; may be empty.
     *
     * @throws Refusal naming the field for one that is longer, on several lines or not sound
     */
    public static String text(String field, String value) {
        if (value.length() > LONGEST_NAME || !Letters.onOneLine(value)) {
            throw new Refusal(
                    RefusalCode.BAD_TEXT,
                    field,
                    Letters.shown(value, LONGEST_NAME),
                    "at most " + LONGEST_NAME + " characters on one line");
        }
        return sound(field, value);
    }

    /**
     * A text of which something is to be seen.
     *
     * @throws Refusal naming the field for one that is blank or no {@link #text}
     */
    public static String name(String field, String value) {
        if (!Letters.anyVisible(value)) {
            throw new Refusal(RefusalCode.BAD_TEXT, field, "blank", "1 to " + LONGEST_NAME + " characters");
        }
        return text(field, value);
    }

    /**
     * Nothing in it that is no character: half a pair, or a code that no file may hold.
     *
     * @throws Refusal naming the field for one that holds such
     */
    public static String sound(String field, String value) {
        if (!Letters.allCharacters(value)) {
            throw new Refusal(
                    RefusalCode.BAD_TEXT,
                    field,
                    Letters.shown(value, LONGEST_NAME),
                    "characters that can be written, no halves of them");
        }
        return value;
    }

    /**
     * Small letters, digits and hyphens, 1 to 40 of them.
     *
     * @throws Refusal naming the field for any other
     */
    public static String id(String field, String value) {
        if (!isId(value)) {
            throw new Refusal(
                    RefusalCode.BAD_TEXT, field, value, "1 to 40 small letters, digits and hyphens, no hyphen first");
        }
        return value;
    }

    // plain loops: every record of a rig is checked again each time a rig is filled or changed
    private static boolean isId(String value) {
        if (value.isEmpty() || value.length() > LONGEST_ID || value.charAt(0) == '-') {
            return false;
        }
        for (int i = 0; i < value.length(); i++) {
            char c = value.charAt(i);
            if (!(c >= 'a' && c <= 'z' || c >= '0' && c <= '9' || c == '-')) {
                return false;
            }
        }
        return true;
    }

    /** A day of the calendar as 2026-10-31; returns it. */
    public static String day(String field, String value) {
        return day(field, value, "a day such as 2026-10-31");
    }

    /** The same where something else is allowed as well, as the words say. */
    public static String day(String field, String value, String allowed) {
        try {
            LocalDate.parse(value);
        } catch (DateTimeException e) {
            throw new Refusal(RefusalCode.BAD_TEXT, field, cut(value, LONGEST_NAME), allowed);
        }
        return value;
    }

    /**
     * An immutable copy of a list that is not too long.
     *
     * @throws Refusal naming the field for one that is
     */
    public static <T> List<T> atMost(String field, int most, List<T> list) {
        if (list.size() > most) {
            throw new Refusal(RefusalCode.TOO_MANY, field, String.valueOf(list.size()), "at most " + most);
        }
        return List.copyOf(list);
    }

    /**
     * No id twice.
     *
     * @throws Refusal naming the field and the id that is
     */
    public static void distinct(String field, Collection<String> ids) {
        Set<String> seen = new HashSet<>();
        for (String id : ids) {
            if (!seen.add(id)) {
                throw new Refusal(RefusalCode.DUPLICATE, field, id, "each id once in a rig");
            }
        }
    }
}
