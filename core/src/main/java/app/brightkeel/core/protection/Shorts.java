package app.brightkeel.core.protection;

import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.PackString;
import java.util.ArrayList;
import java.util.List;

/** What several batteries drive together into one dead short: each over wire of its own, then over what they share. */
final class Shorts {

    /** Nothing is quite without resistance [Ω]. */
    private static final double LEAST_OHM = 1e-6;

    private Shorts() {}

    /**
     * One segment of a way.
     *
     * @param place  in the harness
     * @param before ohms of the way up to its start
     */
    record Leg(int place, double before) {}

    /**
     * How one battery reaches a point.
     *
     * @param ohm  of the whole way
     * @param legs the segment with the point last
     */
    record Reach(PackString pack, double ohm, List<Leg> legs) {}

    /** Full, warm, the electronics failed closed: the most each gives [A], in the order of the ways. */
    static List<Double> full(List<Reach> together) {
        return currents(together, 1, PackModel::leastOhm);
    }

    /** Nearly empty and cold: the least [A]. */
    static List<Double> empty(List<Reach> together) {
        return currents(together, -1, pack -> pack.ohm(pack.emptyCharge()));
    }

    /** @param charge of each; negative for nearly empty */
    private static List<Double> currents(
            List<Reach> together, double charge, java.util.function.ToDoubleFunction<PackModel> inner) {
        double shared = sharedOhm(together);
        double[] volts = new double[together.size()];
        double[] own = new double[together.size()];
        double driven = 0;
        double conducts = 0;
        for (int i = 0; i < own.length; i++) {
            Reach reach = together.get(i);
            volts[i] = reach.pack().sum(pack -> pack.restVolts(charge < 0 ? pack.emptyCharge() : charge));
            own[i] = Math.max(reach.pack().sum(inner) + reach.ohm() - shared, LEAST_OHM);
            driven += volts[i] / own[i];
            conducts += 1 / own[i];
        }
        double atJoint = driven / (1 + shared * conducts) * shared;
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < own.length; i++) {
            all.add(Math.max(0, (volts[i] - atJoint) / own[i]));
        }
        return all;
    }

    /** Ohms of the segments that end all the ways; one way alone shares nothing. */
    private static double sharedOhm(List<Reach> together) {
        if (together.size() < 2) {
            return 0;
        }
        Reach first = together.get(0);
        double shared = 0;
        for (int back = 1; back <= first.legs().size(); back++) {
            Leg leg = first.legs().get(first.legs().size() - back);
            int from = back;
            boolean all = together.stream()
                    .allMatch(other -> other.legs().size() >= from
                            && other.legs().get(other.legs().size() - from).place() == leg.place());
            if (!all) {
                return shared;
            }
            shared = first.ohm() - leg.before();
        }
        return shared;
    }
}
