package app.brightkeel.core.rig;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import org.jgrapht.alg.shortestpath.DijkstraShortestPath;
import org.jgrapht.graph.WeightedMultigraph;

/** How far it is at least from one place of a craft to another along its passages. */
public final class ShortestWay {

    private ShortestWay() {}

    /**
     * Length of the shortest way [m], through nothing that has to be drilled where there is such a way; 0 within one place;
     * empty where either place is not said or no way of known length leads there.
     */
    public static OptionalDouble lengthM(Craft craft, String from, String to) {
        if (from.isEmpty() || to.isEmpty()) {
            return OptionalDouble.empty();
        }
        if (from.equals(to)) {
            return OptionalDouble.of(0);
        }
        OptionalDouble whole =
                lengthM(craft, from, to, passage -> !passage.way().drills());
        return whole.isPresent() ? whole : lengthM(craft, from, to, passage -> true);
    }

    private static OptionalDouble lengthM(Craft craft, String from, String to, Predicate<Passage> open) {
        WeightedMultigraph<String, Passage> graph = new WeightedMultigraph<>(Passage.class);
        craft.stations().forEach(station -> graph.addVertex(station.id()));
        List<Passage> passages = craft.passages().stream()
                .filter(passage -> passage.lengthM().isSet() && open.test(passage))
                .toList();
        for (Passage passage : passages) {
            if (!passage.from().equals(passage.to())
                    && graph.containsVertex(passage.from())
                    && graph.containsVertex(passage.to())
                    && graph.addEdge(passage.from(), passage.to(), passage)) {
                graph.setEdgeWeight(passage, passage.lengthM().value());
            }
        }
        if (!graph.containsVertex(from) || !graph.containsVertex(to)) {
            return OptionalDouble.empty();
        }
        double length = new DijkstraShortestPath<>(graph).getPathWeight(from, to);
        return Double.isFinite(length) ? OptionalDouble.of(length) : OptionalDouble.empty();
    }

    /** The same of a wire of a rig by where its two ends sit. */
    public static OptionalDouble lengthM(Rig rig, Segment segment) {
        return lengthM(rig.craft(), rig.stationOf(segment.from()), rig.stationOf(segment.to()));
    }
}
