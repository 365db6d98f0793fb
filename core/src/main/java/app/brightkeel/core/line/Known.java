package app.brightkeel.core.line;

import app.brightkeel.core.rig.Figure;
import java.util.Collection;
import java.util.List;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/**
 * Something that was worked out of a line, and what it stands on.
 *
 * @param work    that yields it, for another rig as well; it may hand back what it was before
 * @param parts   of the rig that were read, as bits
 * @param below   those, and the ones that were read by all it asked for
 * @param asked   what it asked the line for, in that order
 * @param assumed figures whose values were read
 */
record Known(
        BiFunction<Line, @Nullable Object, Object> work,
        Object value,
        long parts,
        long below,
        List<Object> asked,
        Collection<Figure> assumed) {}
