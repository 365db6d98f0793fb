package app.brightkeel.core.build;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Steps, and what waits for what, while a sheet is written. */
final class Gathered {

    private final Map<String, Step> steps = new LinkedHashMap<>();
    private final Map<List<String>, Need> needs = new LinkedHashMap<>();

    /** Adds a step; its id. A place of the craft may bear the id of a part: the second step about such a one is told apart. */
    String add(StepDraft draft) {
        String id = draft.id();
        for (int n = 2; has(id); n++) {
            id = draft.id() + "/" + n;
        }
        steps.put(id, draft.done(id));
        return id;
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

    /** Whether one step was said to come right before another. */
    boolean waits(String before, String after) {
        return needs.containsKey(List.of(before, after));
    }

    BuildSheet sheet() {
        return new BuildSheet(steps(), List.copyOf(needs()));
    }
}
