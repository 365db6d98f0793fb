package app.brightkeel.core.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * An order that works, in which tools are taken up once and places visited once as far as that goes.
 *
 * <p>Of all that can be done the earliest chapter is taken, of that what is done at the same place with the same tools as the
 * step before; what then still is alike stays in the order in which it was told.
 */
final class WorkOrder {

    private final BuildGraph graph;
    private final Map<String, Integer> told = new HashMap<>();
    private final Map<String, Integer> waits = new HashMap<>();
    private final Set<String> open = new LinkedHashSet<>();

    WorkOrder(BuildGraph graph) {
        this.graph = graph;
        for (Step step : graph.sheet().steps()) {
            told.put(step.id(), told.size());
            int before = graph.before(step.id()).size();
            waits.put(step.id(), before);
            if (before == 0) {
                open.add(step.id());
            }
        }
    }

    /** Ids of all steps. */
    static List<String> of(BuildGraph graph) {
        WorkOrder order = new WorkOrder(graph);
        List<String> all = new ArrayList<>();
        Optional<Step> last = Optional.empty();
        while (!order.open.isEmpty()) {
            Step next = order.next(last);
            order.done(next.id());
            all.add(next.id());
            last = Optional.of(next);
        }
        return List.copyOf(all);
    }

    private Step next(Optional<Step> last) {
        return open.stream().map(graph::step).min(by(last)).orElseThrow();
    }

    private Comparator<Step> by(Optional<Step> last) {
        return Comparator.comparing((Step step) -> step.kind().chapter())
                .thenComparing(step -> last.map(before -> apart(before, step)).orElse(0))
                .thenComparing(step -> told.getOrDefault(step.id(), 0));
    }

    /** How much has to be put down and gone to: 0 at the same place with the same tools. */
    private static int apart(Step before, Step step) {
        boolean tools = step.kind() == before.kind();
        boolean place = !step.places().isEmpty() && step.places().stream().anyMatch(before.places()::contains);
        return (tools ? 0 : 2) + (place ? 0 : 1);
    }

    private void done(String id) {
        open.remove(id);
        for (Need need : graph.after(id)) {
            int left = waits.merge(need.after(), -1, Integer::sum);
            if (left == 0) {
                open.add(need.after());
            }
        }
    }
}
