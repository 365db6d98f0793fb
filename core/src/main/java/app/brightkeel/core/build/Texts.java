package app.brightkeel.core.build;

import java.util.Locale;

/** Words as parts of ids. */
final class Texts {

    private Texts() {}

    /** In small letters, with hyphens for all else. */
    static String id(String words) {
        return words.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }
}
