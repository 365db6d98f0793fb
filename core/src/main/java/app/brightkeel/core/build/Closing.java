package app.brightkeel.core.build;

import java.util.Collection;
import java.util.Set;

/**
 * What a step shuts away.
 *
 * @param step     id of the step that shuts
 * @param stations ids of places nobody gets at from then on
 * @param parts    ids of parts nobody gets at from then on
 * @param what     shuts, in words
 */
record Closing(String step, Set<String> stations, Set<String> parts, String what) {

    Closing {
        stations = Set.copyOf(stations);
        parts = Set.copyOf(parts);
    }

    /** Whether a step has to get at something that it shuts away. */
    boolean hides(Step other) {
        return touches(stations, other.places()) || touches(parts, other.parts());
    }

    private static boolean touches(Set<String> shut, Collection<String> wanted) {
        return wanted.stream().anyMatch(shut::contains);
    }
}
