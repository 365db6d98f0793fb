package app.brightkeel.core.build;

import app.brightkeel.core.line.Line;
import java.util.List;
import java.util.Optional;

/**
 * Every step of a rig, and what has to be done before what.
 *
 * @param steps in the order in which their chapters are told; not yet an order to work in
 * @param needs between them, each pair once
 */
public record BuildSheet(List<Step> steps, List<Need> needs) {

    public BuildSheet {
        steps = List.copyOf(steps);
        needs = List.copyOf(needs);
    }

    /**
     * Of a rig as far as it is decided.
     *
     * @param celsius of the place where things cure, {@link Cure#COLDEST_C} to {@link Cure#WARMEST_C}
     */
    public static BuildSheet of(Line line, double celsius) {
        return new SheetWriter(line, celsius).sheet();
    }

    /** The step of an id, if there is one. */
    public Optional<Step> step(String id) {
        return steps.stream().filter(step -> step.id().equals(id)).findFirst();
    }
}
