package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * The day a rig is planned for.
 *
 * @param airC   air temperature, −40 to 50 [°C]
 * @param water  that is fished
 * @param phases in order; one is the simplest day
 */
@RecordBuilder
public record Outing(Figure airC, Water water, List<Phase> phases) implements OutingBuilder.With {

    /** Most phases of a day. */
    public static final int MOST_PHASES = 24;

    public Outing {
        Figure.within("airC", airC, -40, 50, "°C");
        phases = Checks.atMost("phases", MOST_PHASES, phases);
        Checks.distinct("phases", phases.stream().map(Phase::id).toList());
    }

    /** This outing with one phase replaced by the one of the same id. */
    public Outing with(Phase phase) {
        return withPhases(
                phases.stream().map(p -> p.id().equals(phase.id()) ? phase : p).toList());
    }
}
