package app.brightkeel.core.build;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Steps, and what waits for what, while a sheet is written. */
final class Gathered {

    private final Map<String, Step> steps = new LinkedHashMap<>();
    private final Map<List<String>, Need> needs = new LinkedHashMap<>();

    /** Adds a step; its id. */
    String add(StepDraft draft) {
        if (steps.put(draft.id(), draft.done()) != null) {
            throw new IllegalStateException("a step told twice: " + draft.id());
        }
        return draft.id();
    }

    boolean has(String id) {
        return steps.containsKey(id);
    }

    List<Step> steps() {
        return List.copyOf(steps.values());
    }

    Collection<Need> needs() {
        return needs.values();
    }

    /** One step before another, where both are there; of each pair the first reason counts. */
    void need(String before, String after, Need.Sort sort, String why, double restH) {
        if (has(before) && has(after)) {
            needs.putIfAbsent(List.of(before, after), new Need(before, after, sort, why, restH));
        }
    }

    BuildSheet sheet() {
        return new BuildSheet(steps(), List.copyOf(needs()));
    }
}
