package app.brightkeel.core.build;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What an order that somebody made breaks.
 *
 * @param broken in the order of the steps that come too early; the step that is blocked is the one it calls {@code before}; none
 *               where the order works
 */
public record OrderJudged(List<Need> broken) {

    public OrderJudged {
        broken = List.copyOf(broken);
    }

    /**
     * Where each step of an order stands in it; it need not have all of them.
     *
     * @throws Refusal naming a step that is not there, or that stands in it twice
     */
    public static Map<String, Integer> places(List<Step> steps, List<String> order) {
        Set<String> known = steps.stream().map(Step::id).collect(Collectors.toSet());
        Map<String, Integer> places = new HashMap<>();
        for (String id : order) {
            if (!known.contains(id)) {
                throw new Refusal(RefusalCode.DANGLING, "order", id, "the id of a step of this sheet");
            }
            if (places.put(id, places.size()) != null) {
                throw new Refusal(RefusalCode.DUPLICATE, "order", id, "each step once");
            }
        }
        return places;
    }

    /**
     * Of an order of all steps.
     *
     * @throws Refusal naming a step that is not there, that stands in it twice, or that is missing
     */
    public static OrderJudged of(BuildGraph graph, List<String> order) {
        Map<String, Integer> places = places(graph.sheet().steps(), order);
        for (Step step : graph.sheet().steps()) {
            if (!places.containsKey(step.id())) {
                throw new Refusal(
                        RefusalCode.DANGLING, "order", step.id(), "every step of this sheet: this one is missing");
            }
        }
        List<Need> broken = new ArrayList<>();
        for (String id : order) {
            for (Need need : graph.after(id)) {
                // told at the step that comes too early: it stands before what it waits for
                if (places.getOrDefault(need.after(), 0) < places.getOrDefault(id, 0)) {
                    broken.add(need);
                }
            }
        }
        broken.sort((a, b) -> Integer.compare(places.getOrDefault(a.after(), 0), places.getOrDefault(b.after(), 0)));
        return new OrderJudged(broken);
    }
}
