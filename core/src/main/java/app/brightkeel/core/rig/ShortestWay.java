package app.brightkeel.core.rig;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/** How far it is at least from one place of a craft to another along its passages of known length. */
public final class ShortestWay {

    private record Step(int to, double cost) {}

    private ShortestWay() {}

    /**
     * Length of the shortest way [m], through nothing that has to be drilled where there is such a way; 0 within one place;
     * empty where either place is not said or no way leads there.
     */
    public static OptionalDouble lengthM(Craft craft, String from, String to) {
        if (from.isEmpty() || to.isEmpty()) {
            return OptionalDouble.empty();
        }
        int start = craft.indexOfStation(from);
        int goal = craft.indexOfStation(to);
        double open = to(
                craft,
                goal,
                passage -> passage.way().drills()
                        ? Double.POSITIVE_INFINITY
                        : passage.lengthM().value())[start];
        double length = Double.isFinite(open)
                ? open
                : to(craft, goal, passage -> passage.lengthM().value())[start];
        return Double.isFinite(length) ? OptionalDouble.of(length) : OptionalDouble.empty();
    }

    /** The same of a wire of a rig by where its two ends sit. */
    public static OptionalDouble lengthM(Rig rig, Segment segment) {
        return lengthM(rig.craft(), rig.stationOf(segment.from()), rig.stationOf(segment.to()));
    }

    /**
     * Least cost from every station to one, by Dijkstra's method, in the craft's order; infinite where no way leads there.
     *
     * @param cost of a passage of known length, not negative; infinite where it is closed
     */
    public static double[] to(Craft craft, int goal, ToDoubleFunction<Passage> cost) {
        int stations = craft.stations().size();
        List<List<Step>> steps = steps(craft, cost);
        double[] least = new double[stations];
        Arrays.fill(least, Double.POSITIVE_INFINITY);
        least[goal] = 0;
        boolean[] settled = new boolean[stations];
        for (int round = 0; round < stations; round++) {
            int nearest = -1;
            for (int s = 0; s < stations; s++) {
                if (!settled[s] && (nearest < 0 || least[s] < least[nearest])) {
                    nearest = s;
                }
            }
            settled[nearest] = true;
            for (Step step : steps.get(nearest)) {
                least[step.to()] = Math.min(least[step.to()], least[nearest] + step.cost());
            }
        }
        return least;
    }

    private static List<List<Step>> steps(Craft craft, ToDoubleFunction<Passage> cost) {
        Map<String, Integer> index = new HashMap<>();
        List<List<Step>> steps = new ArrayList<>();
        for (Station station : craft.stations()) {
            index.put(station.id(), steps.size());
            steps.add(new ArrayList<>());
        }
        for (Passage passage : craft.passages()) {
            if (passage.lengthM().isSet()) {
                int a = index.getOrDefault(passage.from(), -1);
                int b = index.getOrDefault(passage.to(), -1);
                double each = cost.applyAsDouble(passage);
                steps.get(a).add(new Step(b, each));
                steps.get(b).add(new Step(a, each));
            }
        }
        return steps;
    }
}
