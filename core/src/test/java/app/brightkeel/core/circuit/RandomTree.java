package app.brightkeel.core.circuit;

import java.util.Random;

/** A made-up harness for comparisons; the same seed gives the same tree. */
public record RandomTree(
        int[] parent, double[] ohm, int[] pack, int[] device, double[] restVolts, double[] innerOhm, double[] watts) {

    /** A tree of so many nodes: one or two packs, devices at the leaves, junctions between. */
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
            if (leaf[i] && packs == 1 && devices > 0 && random.nextInt(4) == 0) {
                pack[i] = packs++;
            } else if (leaf[i]) {
                device[i] = devices++;
            }
        }
        device[0] = -1;
        double[] watts = new double[devices];
        for (int d = 0; d < devices; d++) {
            watts[d] = 1 + 9 * random.nextDouble();
        }
        double[] rest = new double[packs];
        double[] inner = new double[packs];
        for (int p = 0; p < packs; p++) {
            rest[p] = 12.2 + 1.2 * random.nextDouble();
            inner[p] = 0.01 + 0.05 * random.nextDouble();
        }
        return new RandomTree(parent, ohm, pack, device, rest, inner, watts);
    }

    public Network network() {
        return new Network(parent, ohm, pack, device);
    }

    /** What Kirchhoff's current law leaves over at a node, computed from the volts alone. */
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
            sum -= watts[device[node]] / network.volts(node);
        }
        return sum;
    }

    /** The same network for ngspice: behavioural sources as constant-power leaves, every node set near its source. */
    String netlist() {
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
                net.append("B%d n%d 0 I=%.17g/V(n%d)%n".formatted(i, i, watts[device[i]], i));
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
