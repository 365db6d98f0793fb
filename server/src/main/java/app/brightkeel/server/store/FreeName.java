package app.brightkeel.server.store;

import app.brightkeel.core.refusal.Checks;
import java.util.Set;

/** A name that no other rig on the shelf has. */
final class FreeName {

    private FreeName() {}

    /** The name itself, or with the first number that is free; never longer than a name may be. */
    static String of(String name, Set<String> taken) {
        if (!taken.contains(name)) {
            return name;
        }
        String stem = name.replaceAll(" \\(\\d{1,6}\\)$", "");
        for (int n = 2; ; n++) {
            String tail = " (" + n + ")";
            String numbered = Checks.cut(stem, Checks.LONGEST_NAME - tail.length()) + tail;
            if (!taken.contains(numbered)) {
                return numbered;
            }
        }
    }
}
