package app.brightkeel.core.refusal;

/** What a person may write: looked at letter by letter, in plain loops, since every change of a rig checks all its words. */
final class Letters {

    private static final int LINE_SEPARATOR = 0x2028;
    private static final int PARAGRAPH_SEPARATOR = 0x2029;
    private static final int REPLACEMENT = 0xfffd;

    /** Letters and marks of no width: fillers of Hangul, the empty pattern of Braille, the grapheme joiner. */
    private static final String BLANK_LETTERS = "\u115f\u1160\u3164\uffa0\u2800\u034f";

    private Letters() {}

    static boolean onOneLine(String value) {
        for (int i = 0; i < value.length(); i++) {
            if (breaksLine(value.charAt(i))) {
                return false;
            }
        }
        return true;
    }

    /** Half a pair is none, nor a code that no text may hold. */
    static boolean allCharacters(String value) {
        for (int i = 0; i < value.length(); ) {
            int c = value.codePointAt(i);
            if (noCharacter(c)) {
                return false;
            }
            i += Character.charCount(c);
        }
        return true;
    }

    /** Letters of no width are not seen. */
    static boolean anyVisible(String value) {
        for (int i = 0; i < value.length(); ) {
            int c = value.codePointAt(i);
            if (visible(c)) {
                return true;
            }
            i += Character.charCount(c);
        }
        return false;
    }

    private static boolean breaksLine(int c) {
        return c < ' ' || c >= 0x7f && c <= 0x9f || c == LINE_SEPARATOR || c == PARAGRAPH_SEPARATOR;
    }

    private static boolean noCharacter(int c) {
        boolean half = c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE;
        // the last two of each plane, and a block of 32, are kept out of all text for ever (Unicode, chapter 23.7)
        return half || (c & 0xfffe) == 0xfffe || c >= 0xfdd0 && c <= 0xfdef;
    }

    private static boolean visible(int c) {
        return switch (Character.getType(c)) {
            case Character.FORMAT,
                    Character.CONTROL,
                    Character.SPACE_SEPARATOR,
                    Character.LINE_SEPARATOR,
                    Character.PARAGRAPH_SEPARATOR,
                    Character.SURROGATE,
                    Character.UNASSIGNED -> false;
            default -> BLANK_LETTERS.indexOf(c) < 0;
        };
    }

    /** What can be shown of a text that is refused. */
    static String shown(String value, int most) {
        StringBuilder all = new StringBuilder();
        value.codePoints()
                .limit(most)
                .map(c -> noCharacter(c) || breaksLine(c) ? REPLACEMENT : c)
                .forEach(all::appendCodePoint);
        return all.toString();
    }
}
