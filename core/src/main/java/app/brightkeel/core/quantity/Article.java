package app.brightkeel.core.quantity;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Articles before names that nobody chose for the sentence they stand in: "an ice float", "the “up the scupper”" and not "the
 * the stern hatch".
 */
final class Article {

    /** An article that waits for what comes next, as a word of its own; a large A within a sentence is an ampere. */
    private static final Pattern WAITING = Pattern.compile("(?:^|[^\\p{L}\\p{N}])(a|the|The) $|(?:^|[.:?] |“)(A) $");

    private static final Pattern OWN = Pattern.compile("(?i)(the|a|an|my|your|our|its|his|her) .*");

    /** A way or a place that is called by where it is: quoted, it is a name again. */
    private static final Pattern WHERE = Pattern.compile(
            "(?i)(up|down|over|under|through|along|round|past|from|in|on|at|to|behind|beside|between|inside|outside) .*");

    /** As they are said: an hour, an 8-pin plug, an 11 A fuse; a unit, a one-way valve. */
    private static final Pattern AN = Pattern.compile("(?i)([aei]|o(?!ne\\b)|u(?!ni|se|su|ti)|hour|8|1[18]\\b).*");

    private Article() {}

    /**
     * Puts a name after what stands there already.
     *
     * @param before is changed where its article does not go with the name
     * @return the same
     */
    static StringBuilder append(StringBuilder before, String name) {
        String article = waiting(before);
        if (article.equalsIgnoreCase("a") && AN.matcher(name).matches()) {
            before.setLength(before.length() - 1);
            before.append("n ").append(name);
        } else if (article.isEmpty() || article.equalsIgnoreCase("a")) {
            before.append(name);
        } else if (OWN.matcher(name).matches()) {
            before.setLength(before.length() - "the ".length());
            before.append(article.equals("The") ? Worded.capital(name) : Worded.small(name));
        } else {
            before.append(WHERE.matcher(name).matches() ? "“" + name + "”" : name);
        }
        return before;
    }

    private static String waiting(StringBuilder before) {
        int end = before.length();
        // most words that come before a name end otherwise: nothing is searched for them
        if (end < 2 || before.charAt(end - 1) != ' ' || "aAe".indexOf(before.charAt(end - 2)) < 0) {
            return "";
        }
        Matcher matcher = WAITING.matcher(before.subSequence(Math.max(0, end - 6), end));
        return !matcher.find() ? "" : matcher.group(1) == null ? "A" : matcher.group(1);
    }
}
