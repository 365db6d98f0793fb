package app.brightkeel.core.advice;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Rig;
import java.util.Optional;
import java.util.function.Function;

/**
 * One answer to a question.
 *
 * @param id    the same for the same rig, unlike all others of its axis; {@link #AS_IT_IS} for what the rig has
 * @param label as it is named
 * @param make  the rig with it; empty where it cannot be so
 */
record Option(RigAxis axis, String id, Text label, Function<Line, Optional<Rig>> make) {

    static final String AS_IT_IS = "as-it-is";

    boolean asItIs() {
        return id.equals(AS_IT_IS);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Option option && option.axis == axis && option.id.equals(id);
    }

    @Override
    public int hashCode() {
        return 31 * axis.ordinal() + id.hashCode();
    }
}
