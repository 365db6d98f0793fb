package app.brightkeel.core.build;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.graph.SimpleDirectedGraph;
import org.jgrapht.traverse.TopologicalOrderIterator;

/** What waits for what, as a graph of which every order is one that works. */
public final class BuildGraph {

    private final BuildSheet sheet;
    private final Map<String, Step> byId = new HashMap<>();
    private final SimpleDirectedGraph<String, Edge> graph = new SimpleDirectedGraph<>(Edge.class);

    /** A need as an edge; each is an edge of its own, whatever it says. */
    private record Edge(Need need) {}

    /** @throws Refusal LOOP, naming the steps that wait for one another, or DANGLING, naming a step that there is not */
    public BuildGraph(BuildSheet sheet) {
        this.sheet = sheet;
        sheet.steps().forEach(step -> {
            byId.put(step.id(), step);
            graph.addVertex(step.id());
        });
        for (Need need : sheet.needs()) {
            refuseUnknown("before", need.before());
            refuseUnknown("after", need.after());
            if (need.before().equals(need.after())) {
                throw cycle(List.of(need.before()));
            }
            graph.addEdge(need.before(), need.after(), new Edge(need));
        }
        List<String> waiting = new ArrayList<>(new CycleDetector<>(graph).findCycles());
        if (!waiting.isEmpty()) {
            throw cycle(waiting.stream().sorted().toList());
        }
    }

    private static Refusal cycle(List<String> waiting) {
        return new Refusal(
                RefusalCode.LOOP, "needs", String.join(", ", waiting), "steps of which none waits for itself");
    }

    private void refuseUnknown(String field, String id) {
        if (!byId.containsKey(id)) {
            throw new Refusal(RefusalCode.DANGLING, field, id, "the id of a step of this sheet");
        }
    }

    public BuildSheet sheet() {
        return sheet;
    }

    Step step(String id) {
        Step step = byId.get(id);
        if (step == null) {
            throw new IllegalArgumentException("no such step: " + id);
        }
        return step;
    }

    List<Need> before(String id) {
        return graph.incomingEdgesOf(id).stream().map(Edge::need).toList();
    }

    List<Need> after(String id) {
        return graph.outgoingEdgesOf(id).stream().map(Edge::need).toList();
    }

    /** Ids in some order that works. */
    List<String> anyOrder() {
        List<String> all = new ArrayList<>();
        new TopologicalOrderIterator<>(graph).forEachRemaining(all::add);
        return all;
    }

    /**
     * Longest chain of steps and rests, from the first to the last of it: nothing makes the whole shorter but to make one of them
     * shorter. Kelley and Walker, Critical-Path Planning and Scheduling, 1959.
     */
    public List<Step> criticalPath() {
        Map<String, Double> tail = tailH();
        Deque<Step> path = new ArrayDeque<>();
        String at = sheet.steps().stream()
                .map(Step::id)
                .filter(id -> graph.inDegreeOf(id) == 0)
                .reduce((a, b) -> tail.getOrDefault(b, 0.0) > tail.getOrDefault(a, 0.0) ? b : a)
                .orElse("");
        while (!at.isEmpty()) {
            path.add(step(at));
            String next = "";
            double longest = -1;
            for (Need need : after(at)) {
                double through = need.restH() + tail.getOrDefault(need.after(), 0.0);
                if (through > longest) {
                    longest = through;
                    next = need.after();
                }
            }
            at = next;
        }
        return List.copyOf(path);
    }

    /** Hours from the begin of each step to the end of everything that waits for it. */
    Map<String, Double> tailH() {
        List<String> order = anyOrder();
        Map<String, Double> tail = new HashMap<>();
        for (int i = order.size() - 1; i >= 0; i--) {
            String id = order.get(i);
            double longest = 0;
            for (Need need : after(id)) {
                longest = Math.max(longest, need.restH() + tail.getOrDefault(need.after(), 0.0));
            }
            tail.put(id, step(id).minutes() / 60 + longest);
        }
        return tail;
    }
}
