package app.brightkeel.core.build;

import java.util.Collection;
import java.util.Set;

/**
 * What a step shuts away.
 *
 * @param step     id of the step that shuts
 * @param opening  id of the step that takes it off before; "" where it is not on yet
 * @param stations ids of places nobody gets at from then on
 * @param parts    ids of parts nobody gets at from then on
 * @param what     shuts, in words
 * @param lies     where, among others that shut the same place
 */
record Closing(String step, String opening, Set<String> stations, Set<String> parts, String what, Lies lies) {

    /** From the inside outwards. */
    enum Lies {
        INSIDE,
        ITSELF,
        OVER
    }

    Closing {
        stations = Set.copyOf(stations);
        parts = Set.copyOf(parts);
    }

    /** Whether a step has to get at something that it shuts away. */
    boolean hides(Step other) {
        return touches(stations, other.places()) || touches(parts, other.parts());
    }

    /** Whether another one, further in, is shut away with the place. */
    boolean over(Closing other) {
        return other.lies.compareTo(lies) < 0 && touches(stations, other.stations);
    }

    private static boolean touches(Set<String> shut, Collection<String> wanted) {
        return wanted.stream().anyMatch(shut::contains);
    }
}
