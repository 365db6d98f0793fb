package app.brightkeel.core.circuit;

import app.brightkeel.core.rig.LoadModel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/** A made-up harness for comparisons; the same seed gives the same tree. */
public record RandomTree(
        int[] parent,
        double[] ohm,
        int[] pack,
        int[] device,
        List<LoadModel> loadModels,
        double[] restVolts,
        double[] innerOhm,
        double[] watts) {

    /** At which those that are no constant power draw their watts [V]. */
    private static final double LEAF_V = 12.8;

    private static final int MOST_PACKS = 3;

    /** A tree of so many nodes: packs and devices of all three kinds at the loadModels, junctions between. */
    public static RandomTree of(Random random, int nodes) {
        int[] parent = new int[nodes];
        double[] ohm = new double[nodes];
        boolean[] leaf = new boolean[nodes];
        parent[0] = -1;
        for (int i = 1; i < nodes; i++) {
            parent[i] = random.nextInt(i);
            ohm[i] = 0.005 + 0.25 * random.nextDouble();
            leaf[i] = true;
            leaf[parent[i]] = false;
        }
        int[] pack = new int[nodes];
        int[] device = new int[nodes];
        int devices = 0;
        int packs = 1;
        for (int i = 1; i < nodes; i++) {
            pack[i] = -1;
            device[i] = -1;
            if (leaf[i] && packs < MOST_PACKS && devices > 0 && random.nextInt(4) == 0) {
                pack[i] = packs++;
            } else if (leaf[i]) {
                device[i] = devices++;
            }
        }
        device[0] = -1;
        List<LoadModel> loadModels = new ArrayList<>();
        double[] watts = new double[devices];
        for (int d = 0; d < devices; d++) {
            watts[d] = 1 + 9 * random.nextDouble();
            loadModels.add(
                    random.nextInt(3) > 0
                            ? LoadModel.POWER
                            : random.nextBoolean() ? LoadModel.CURRENT : LoadModel.RESISTANCE);
        }
        double[] rest = new double[packs];
        double[] inner = new double[packs];
        for (int p = 0; p < packs; p++) {
            rest[p] = 12.2 + 1.2 * random.nextDouble();
            inner[p] = 0.01 + 0.05 * random.nextDouble();
        }
        return new RandomTree(parent, ohm, pack, device, List.copyOf(loadModels), rest, inner, watts);
    }

    public Network network() {
        return new Network(parent, ohm, pack, device, loadModels, Collections.nCopies(loadModels.size(), LEAF_V));
    }

    /** The same with every device drawing so many times as much. */
    RandomTree drawing(double times) {
        double[] more = Arrays.stream(watts).map(w -> w * times).toArray();
        return new RandomTree(parent, ohm, pack, device, loadModels, restVolts, innerOhm, more);
    }

    /** Whether there is an operating point. */
    boolean settles() {
        return network().solve(restVolts, innerOhm, watts);
    }

    /**
     * How many times as much it can draw, to a part in 10¹³: between what settles and what does not. Only power collapses:
     * a tree without such a leaf is no case for it.
     */
    double limit() {
        double low = 1;
        double high = 1;
        while (drawing(high).settles()) {
            low = high;
            high *= 2;
        }
        while (high - low > 1e-13 * high) {
            double middle = (low + high) / 2;
            if (drawing(middle).settles()) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** Current of the device at a node at some volts [A]. */
    double leafAmps(int node, double volts) {
        int d = device[node];
        return loadModels.get(d).amps(watts[d], LEAF_V, volts);
    }

    /** How that grows with the volts [1/Ω]. */
    double leafSlope(int node, double volts) {
        double w = watts[device[node]];
        return switch (loadModels.get(device[node])) {
            case POWER -> -w / (volts * volts);
            case CURRENT -> 0;
            case RESISTANCE -> w / (LEAF_V * LEAF_V);
        };
    }

    /** What Kirchhoff's current law loadModels over at a node, computed from the volts alone. */
    double imbalance(Network network, int node) {
        double sum = 0;
        if (parent[node] >= 0) {
            sum += (network.volts(parent[node]) - network.volts(node)) / ohm[node];
        }
        for (int child = node + 1; child < parent.length; child++) {
            if (parent[child] == node) {
                sum -= (network.volts(node) - network.volts(child)) / ohm[child];
            }
        }
        if (pack[node] >= 0) {
            sum += (restVolts[pack[node]] - network.volts(node)) / innerOhm[pack[node]];
        }
        if (device[node] >= 0) {
            sum -= leafAmps(node, network.volts(node));
        }
        return sum;
    }

    private static String leaf(int node, LoadModel kind, double watts) {
        return switch (kind) {
            case POWER -> "B%d n%d 0 I=%.17g/V(n%d)%n".formatted(node, node, watts, node);
            case CURRENT -> "I%d n%d 0 DC %.17g%n".formatted(node, node, watts / LEAF_V);
            case RESISTANCE -> "RL%d n%d 0 %.17g%n".formatted(node, node, LEAF_V * LEAF_V / watts);
        };
    }

    /** The same network for ngspice: behavioural sources as constant-power loadModels, every node set near its source. */
    public String netlist() {
        StringBuilder net = new StringBuilder("generated harness\n");
        for (int i = 0; i < parent.length; i++) {
            if (parent[i] >= 0) {
                net.append("R%d n%d n%d %.17g%n".formatted(i, parent[i], i, ohm[i]));
            }
            if (pack[i] >= 0) {
                net.append("V%d e%d 0 %.17g%nRI%d e%d n%d %.17g%n"
                        .formatted(i, i, restVolts[pack[i]], i, i, i, innerOhm[pack[i]]));
            }
            if (device[i] >= 0) {
                net.append(leaf(i, loadModels.get(device[i]), watts[device[i]]));
            }
            net.append(".nodeset V(n%d)=%.17g%n".formatted(i, restVolts[0]));
        }
        net.append(".options reltol=1e-9 vntol=1e-12 abstol=1e-14\n.control\nset numdgt=12\nop\n");
        for (int i = 0; i < parent.length; i++) {
            net.append("print v(n%d)%n".formatted(i));
        }
        return net.append("quit\n.endc\n.end\n").toString();
    }
}
