package app.brightkeel.core.layout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What is loosened by hand for one thing: plugs, knobs, straps, counted and in words. */
final class Loosened {
    private final Map<String, Integer> all = new LinkedHashMap<>();
    private String where = "";

    void add(String what, int count) {
        if (count > 0) {
            all.merge(what, count, Integer::sum);
        }
    }

    void say(String words) {
        where = words;
    }

    int count() {
        return all.values().stream().mapToInt(Integer::intValue).sum();
    }

    String words() {
        List<String> words = new ArrayList<>();
        all.forEach((what, count) -> words.add(count == 1 ? "1 " + what : count + " " + plural(what)));
        if (!where.isEmpty()) {
            words.add(where);
        }
        return String.join(", ", words);
    }

    private static String plural(String what) {
        return what.startsWith("loop") ? what.replace("loop", "loops") : what.replaceFirst("^(\\w+)", "$1s");
    }
}
