package app.brightkeel.core.quantity;

import java.util.Locale;

/** A choice that is called something in sentences. */
public interface Worded {

    /** As in a sentence: "pedal kayak". */
    String words();

    /** The same as the begin of a sentence or of a line. */
    static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** The same in the middle of one. */
    static String small(String words) {
        return words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1);
    }
}
