package app.brightkeel.core.route;

import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.ShortestWay;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.function.ToDoubleFunction;

/**
 * Ways through a craft from one station to another, cheapest first, no station twice.
 *
 * <p>Best-first search over partial ways, ordered by what they cost so far and what the rest costs at least. A general
 * k-shortest-paths library takes a quarter of the time a whole review may take; it stands beside in the tests.
 */
public final class Ways {

    /** Ways that are worth comparing. */
    public static final int MOST = 8;

    /** Partial ways looked at before a tangle of passages is given up. */
    private static final int MOST_LOOKS = 20_000;

    private final int stations;
    private final List<List<Edge>> from = new ArrayList<>();
    private final double[] atLeast;

    private record Edge(Passage passage, int to, double cost) {}

    /** A way that is not there yet, back to front. */
    private record Partial(int station, double cost, double atLeast, List<Passage> legs, long[] seen) {}

    private Ways(Craft craft, int goal, ToDoubleFunction<Passage> cost) {
        stations = craft.stations().size();
        Map<String, Integer> index = new HashMap<>();
        for (int s = 0; s < stations; s++) {
            index.put(craft.stations().get(s).id(), s);
            from.add(new ArrayList<>());
        }
        for (Passage passage : craft.passages()) {
            if (passage.lengthM().isSet()) {
                int a = index.getOrDefault(passage.from(), -1);
                int b = index.getOrDefault(passage.to(), -1);
                double each = cost.applyAsDouble(passage);
                from.get(a).add(new Edge(passage, b, each));
                from.get(b).add(new Edge(passage, a, each));
            }
        }
        atLeast = ShortestWay.to(craft, goal, cost);
    }

    /** Up to {@link #MOST} ways, shortest first; empty where none leads there or it is the same station. */
    public static List<List<Passage>> between(Craft craft, String start, String end) {
        return between(
                craft, start, end, List.of(), passage -> passage.lengthM().value(), MOST);
    }

    /**
     * Up to so many ways, cheapest first.
     *
     * @param pinned ids of passages that have to be in each
     * @param cost   of a passage, above 0; asked only where its length is known
     */
    public static List<List<Passage>> between(
            Craft craft, String start, String end, List<String> pinned, ToDoubleFunction<Passage> cost, int most) {
        if (start.equals(end)
                || craft.station(start).isEmpty()
                || craft.station(end).isEmpty()) {
            return List.of();
        }
        int goal = craft.indexOfStation(end);
        return new Ways(craft, goal, cost).search(craft.indexOfStation(start), goal, pinned, most);
    }

    private List<List<Passage>> search(int start, int goal, List<String> pinned, int most) {
        List<List<Passage>> found = new ArrayList<>();
        PriorityQueue<Partial> open = new PriorityQueue<>(Comparator.comparingDouble(Partial::atLeast));
        open.add(new Partial(start, 0, atLeast[start], List.of(), with(new long[1 + stations / Long.SIZE], start)));
        for (int looks = 0; looks < MOST_LOOKS && found.size() < most && !open.isEmpty(); looks++) {
            Partial way = open.remove();
            if (way.station() == goal) {
                if (holdsAll(way.legs(), pinned)) {
                    found.add(way.legs());
                }
                continue;
            }
            for (Edge edge : from.get(way.station())) {
                double cost = way.cost() + edge.cost();
                double whole = cost + atLeast[edge.to()];
                if (whole < Double.POSITIVE_INFINITY && !has(way.seen(), edge.to())) {
                    List<Passage> legs = new ArrayList<>(way.legs());
                    legs.add(edge.passage());
                    open.add(new Partial(edge.to(), cost, whole, legs, with(way.seen(), edge.to())));
                }
            }
        }
        return found;
    }

    private static boolean holdsAll(List<Passage> legs, List<String> pinned) {
        return pinned.stream()
                .allMatch(id -> legs.stream().anyMatch(leg -> leg.id().equals(id)));
    }

    private static boolean has(long[] seen, int station) {
        return (seen[station / Long.SIZE] & 1L << station) != 0;
    }

    private static long[] with(long[] seen, int station) {
        long[] more = seen.clone();
        more[station / Long.SIZE] |= 1L << station;
        return more;
    }
}
