package app.brightkeel.server.files.log;

import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** What kinds of lines a log was made of, for whoever has to be told that none was of use. */
final class Seen {

    private static final int MOST_KINDS = 40;
    private static final int MOST_TOLD = 4;

    private final Map<String, int[]> kinds = new TreeMap<>();

    void add(String kind) {
        if (kinds.size() < MOST_KINDS || kinds.containsKey(kind)) {
            kinds.computeIfAbsent(kind, k -> new int[1])[0]++;
        }
    }

    /** The most frequent ones: "3,600 lines of DBT in feet whose sums are wrong, 60 lines of RMC". */
    String told() {
        return kinds.entrySet().stream()
                .sorted(Comparator.comparingInt((Map.Entry<String, int[]> kind) -> -kind.getValue()[0]))
                .limit(MOST_TOLD)
                .map(kind -> String.format(
                        Locale.ROOT,
                        "%,d %s %s",
                        kind.getValue()[0],
                        kind.getValue()[0] == 1 ? "line" : "lines",
                        kind.getKey()))
                .collect(Collectors.joining(", "));
    }
}
