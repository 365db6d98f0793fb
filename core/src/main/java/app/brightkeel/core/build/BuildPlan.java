package app.brightkeel.core.build;

import app.brightkeel.core.line.Line;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Steps, their order, what that order breaks, and the days.
 *
 * @param steps    in the order in which they are to be done
 * @param needs    between them
 * @param byHand   whether a person made the order
 * @param broken   what an order that a person made breaks
 */
public record BuildPlan(List<Step> steps, List<Need> needs, boolean byHand, List<Need> broken, Schedule schedule) {

    public BuildPlan {
        steps = List.copyOf(steps);
        needs = List.copyOf(needs);
        broken = List.copyOf(broken);
    }

    /** In the order in which the days take it. */
    public static BuildPlan of(Line line, Workshop workshop) {
        BuildGraph graph = new BuildGraph(BuildSheet.of(line, workshop.celsius()));
        Schedule schedule = Schedule.of(graph, WorkOrder.of(graph), workshop);
        return new BuildPlan(
                schedule.order().stream().map(graph::step).toList(),
                graph.sheet().needs(),
                false,
                List.of(),
                schedule);
    }

    /**
     * In an order that a person made; where that breaks something it is named, and the days are told as they can be.
     *
     * @param order ids; steps that are gone are left out of it, new ones put in behind what they wait for
     */
    public static BuildPlan of(Line line, Workshop workshop, List<String> order) {
        BuildGraph graph = new BuildGraph(BuildSheet.of(line, workshop.celsius()));
        List<String> whole = filledUp(graph, order);
        return new BuildPlan(
                whole.stream().map(graph::step).toList(),
                graph.sheet().needs(),
                true,
                OrderJudged.of(graph, whole).broken(),
                Schedule.of(graph, whole, workshop));
    }

    private static List<String> filledUp(BuildGraph graph, List<String> order) {
        Set<String> there = new LinkedHashSet<>(order);
        there.removeIf(id -> graph.sheet().step(id).isEmpty());
        List<String> whole = new ArrayList<>(there);
        for (String id : WorkOrder.of(graph)) {
            if (!there.contains(id)) {
                int after = graph.before(id).stream()
                        .mapToInt(need -> whole.indexOf(need.before()))
                        .max()
                        .orElse(-1);
                whole.add(after + 1, id);
            }
        }
        return whole;
    }
}
