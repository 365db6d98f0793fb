package app.brightkeel.core.circuit;

import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.rig.LoadModel;
import java.util.Collections;
import java.util.List;

/**
 * Direct-current trees of resistances with leaves of constant power, constant current or constant resistance and one or
 * more packs, solved for node volts.
 *
 * <p>Newton's method from the volts without load, one sweep up and one down the tree for each step. Written as
 * {@code G V − b + P / V = 0} every equation is convex and the matrix of the upper solution is an M-matrix, so the
 * steps fall monotonically onto the upper, physical solution where there is one, and a pivot that is not positive shows
 * that there is none (monotone Newton theorem: J. M. Ortega and W. C. Rheinboldt, <em>Iterative Solution of Nonlinear
 * Equations in Several Variables</em>, 1970, ch. 13; from memory). The lower solution is never returned. Leaves of constant
 * current lower {@code b}, resistances raise the diagonal of {@code G}: both leave that as it is.
 *
 * <p>O(nodes) for each step. Holds scratch arrays: one instance serves one thread.
 */
public final class Network {

    /** Least resistance between two packs [Ω]: with none at all their shares of the current are undefined. */
    private static final double LEAST_BETWEEN_PACKS_OHM = 1e-6;

    private static final int MOST_STEPS = 200;
    private static final double SETTLED = 1e-14;

    private final int[] parent;
    private final double[] ohm;
    private final int[] pack;
    private final int[] device;
    private final LoadModel[] loadModel;
    private final double[] leafV;
    private final double[] volts;
    private final double[] source;
    private final double[] slope;
    private final double[] amps;

    /**
     * @param topology    nodes and parents
     * @param segmentOhms loop resistance of each segment of the harness, in its order
     * @param load        how the current of each device goes with its volts
     */
    public Network(Topology topology, double[] segmentOhms, DayLoad load) {
        this(
                ints(topology.parents()),
                topology.segments().stream()
                        .mapToDouble(s -> s < 0 ? 0 : segmentOhms[s])
                        .toArray(),
                ints(topology.packs()),
                ints(topology.devices()),
                load.loadModels(),
                load.atV());
    }

    /**
     * @param parent place of each node's parent, lower than its own; −1 for roots, which are packs
     * @param ohm    resistance to the parent [Ω], not negative
     * @param pack   which pack stands at a node, or −1
     * @param device which device hangs at a node, or −1
     * @param loadModels of each device
     * @param leafV  volts at which each device draws its watts, positive where it is no constant power [V]
     */
    public Network(
            int[] parent, double[] ohm, int[] pack, int[] device, List<LoadModel> loadModels, List<Double> leafV) {
        this.parent = parent.clone();
        this.ohm = ohm.clone();
        this.pack = pack.clone();
        this.device = device.clone();
        loadModel = loadModels.toArray(LoadModel[]::new);
        this.leafV = leafV.stream().mapToDouble(Double::doubleValue).toArray();
        int n = parent.length;
        volts = new double[n];
        source = new double[n];
        slope = new double[n];
        amps = new double[n];
    }

    /** The same where every device draws constant power. */
    public Network(int[] parent, double[] ohm, int[] pack, int[] device) {
        this(
                parent,
                ohm,
                pack,
                device,
                Collections.nCopies(device.length, LoadModel.POWER),
                Collections.nCopies(device.length, 1.0));
    }

    private static int[] ints(List<Integer> list) {
        return list.stream().mapToInt(Integer::intValue).toArray();
    }

    public int nodes() {
        return parent.length;
    }

    /**
     * Finds the operating point; read it from {@link #volts}, {@link #packAmps} and {@link #segmentAmps}.
     *
     * @param restVolts of each pack
     * @param packOhm   inner resistance of each pack
     * @param watts     of each device, not negative
     * @return false where there is no operating point
     */
    public boolean solve(double[] restVolts, double[] packOhm, double[] watts) {
        for (int i = 0; i < volts.length; i++) {
            volts[i] = Double.POSITIVE_INFINITY;
        }
        if (!step(restVolts, packOhm, watts)) {
            return false;
        }
        for (int k = 0; k < MOST_STEPS; k++) {
            double before = sumOfDeviceVolts();
            if (!step(restVolts, packOhm, watts)) {
                return false;
            }
            // the steps fall until rounding stops them
            if (!(before - sumOfDeviceVolts() > SETTLED * before)) {
                return true;
            }
        }
        return true;
    }

    private double sumOfDeviceVolts() {
        double sum = 0;
        for (int i = 0; i < volts.length; i++) {
            if (device[i] >= 0) {
                sum += volts[i];
            }
        }
        return sum;
    }

    /** One Newton step: each device of constant power as the line 2P/V − P/V²·v about its last volts V. */
    private boolean step(double[] restVolts, double[] packOhm, double[] watts) {
        int n = parent.length;
        for (int i = 0; i < n; i++) {
            source[i] = 0;
            slope[i] = 0;
            if (device[i] >= 0) {
                leaf(i, watts[device[i]]);
            }
        }
        for (int i = n - 1; i >= 0; i--) {
            int up = parent[i];
            double through = ohm[i];
            if (pack[i] >= 0 && up >= 0) {
                double inner = Math.max(packOhm[pack[i]], LEAST_BETWEEN_PACKS_OHM);
                source[i] -= restVolts[pack[i]] / inner;
                slope[i] += 1 / inner;
            }
            if (up >= 0) {
                double pivot = 1 + through * slope[i];
                if (!(pivot > 0)) {
                    return false;
                }
                source[up] += source[i] / pivot;
                slope[up] += slope[i] / pivot;
            } else {
                double inner = packOhm[pack[i]];
                double pivot = 1 + inner * slope[i];
                if (!(pivot > 0)) {
                    return false;
                }
                volts[i] = (restVolts[pack[i]] - inner * source[i]) / pivot;
                amps[i] = source[i] + slope[i] * volts[i];
            }
        }
        return descend();
    }

    private void leaf(int node, double watts) {
        LoadModel kind = loadModel[device[node]];
        double atV = leafV[device[node]];
        if (kind == LoadModel.POWER) {
            double last = volts[node];
            source[node] = 2 * watts / last;
            slope[node] = -watts / (last * last);
        } else if (kind == LoadModel.CURRENT) {
            source[node] = watts / atV;
        } else {
            slope[node] = watts / (atV * atV);
        }
    }

    private boolean descend() {
        for (int i = 0; i < parent.length; i++) {
            int up = parent[i];
            if (up >= 0) {
                double current = (source[i] + slope[i] * volts[up]) / (1 + ohm[i] * slope[i]);
                amps[i] = current;
                volts[i] = volts[up] - ohm[i] * current;
            }
            if (!(volts[i] > 0)) {
                return false;
            }
        }
        return true;
    }

    /** Volts of a node at the point found last. */
    public double volts(int node) {
        return volts[node];
    }

    /** What a device really takes at the point found last [W]. */
    public double deviceWatts(int node, double watts) {
        LoadModel kind = loadModel[device[node]];
        return kind == LoadModel.POWER ? watts : volts[node] * kind.amps(watts, leafV[device[node]], volts[node]);
    }

    /** Current from the parent into a node [A], negative where it flows towards the parent. */
    public double segmentAmps(int node) {
        return amps[node];
    }

    /** Current a pack gives [A], negative where it is charged by another. */
    public double packAmps(int which, double[] restVolts, double[] packOhm) {
        for (int i = 0; i < pack.length; i++) {
            if (pack[i] == which) {
                return parent[i] < 0
                        ? amps[i]
                        : (restVolts[which] - volts[i]) / Math.max(packOhm[which], LEAST_BETWEEN_PACKS_OHM);
            }
        }
        return 0;
    }
}
