package app.brightkeel.core.reading;

import app.brightkeel.core.circuit.Network;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.rig.LoadModel;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What a meter says in one world, point by point; each state of the harness is solved once. */
final class Measured {

    /** Insulation that is sound reads about that [Ω], whatever the meter's end is. */
    static final double SOUND_OHM = 2e7;

    /** A plug or switch that is open. */
    private static final double OPEN_FROM_OHM = 1e5;

    /** What a device that is live while it should be off draws, where nobody said [A]; common practice, no source. */
    private static final double STANDBY_A = 0.03;

    private static final double LEAK_AT_V = 12;

    private final BenchCircuit circuit;
    private final World world;
    private final double[] placeOhm;
    private final double[] restV;
    private final double[] packOhm;
    private final double[] segmentOhm;
    private final boolean[] reached;
    private final Map<Integer, Double> leaks = new HashMap<>();
    private final Map<String, Double> touching = new HashMap<>();
    private final Set<Integer> reversed = new HashSet<>();
    private final List<Integer> live = new ArrayList<>();
    private final Map<String, Solved> states = new HashMap<>();

    /** Volts of every node, amperes into each, of one state; none where nothing runs. */
    private record Solved(boolean runs, double[] volts, double[] amps) {}

    Measured(BenchCircuit circuit, World world) {
        this.circuit = circuit;
        this.world = world;
        placeOhm = world.placeOhm().clone();
        restV = world.restV().clone();
        packOhm = world.packOhm().clone();
        world.faults().forEach(this::apply);
        segmentOhm = segmentOhms();
        reached = reached();
    }

    private int place(String id) {
        for (int p = 0; p < circuit.places().size(); p++) {
            if (circuit.places().get(p).id().equals(id)) {
                return p;
            }
        }
        throw new IllegalArgumentException("no such place: " + id);
    }

    private void apply(Fault fault) {
        switch (fault.kind()) {
            case BAD_CRIMP, OPEN -> placeOhm[place(fault.subject())] += fault.size();
            case WRONG_FUSE -> {
                int at = place(fault.subject());
                double rating = circuit.places().get(at).ratingA();
                placeOhm[at] += FuseTables.coldOhm(rating * fault.size()) - FuseTables.coldOhm(rating);
            }
            case WEAK_BATTERY -> {
                int source = source(fault.subject());
                restV[source] -= fault.size();
                packOhm[source] *= 1 + 3 * fault.size();
            }
            case REVERSED_PLUG -> reversed.add(device(fault.subject()));
            case LIVE_WHEN_OFF -> live.add(place(fault.subject()));
            case BARE_UNUSED -> touching.put(fault.subject(), fault.size());
            case CHAFED_LEAD -> leaks.put(segment(fault.subject()), fault.size());
        }
    }

    private int source(String pack) {
        for (int s = 0; s < circuit.topology().sources().size(); s++) {
            int first = circuit.topology().sources().get(s).get(0);
            if (circuit.rig().harness().packs().get(first).id().equals(pack)) {
                return s;
            }
        }
        throw new IllegalArgumentException("no such source: " + pack);
    }

    private int device(String id) {
        return circuit.rig().indexOf(circuit.rig().device(id));
    }

    private int segment(String id) {
        for (int s = 0; s < circuit.rig().harness().segments().size(); s++) {
            if (circuit.rig().harness().segments().get(s).id().equals(id)) {
                return s;
            }
        }
        throw new IllegalArgumentException("no such wire: " + id);
    }

    /** Resistance of each wire with all that sits in it [Ω]. */
    private double[] segmentOhms() {
        double[] ohms = new double[world.wire().length];
        for (int s = 0; s < ohms.length; s++) {
            ohms[s] = circuit.wireOhms().get(s) * world.wire()[s];
        }
        for (int p = 0; p < placeOhm.length; p++) {
            ohms[circuit.places().get(p).segment()] += placeOhm[p];
        }
        return ohms;
    }

    /** Which nodes current gets to; parents stand before their children. */
    private boolean[] reached() {
        boolean[] there = new boolean[circuit.topology().ids().size()];
        for (int i = 0; i < there.length; i++) {
            int up = circuit.topology().parents().get(i);
            there[i] = up < 0
                    || there[up] && segmentOhm[circuit.topology().segments().get(i)] < OPEN_FROM_OHM;
        }
        return there;
    }

    /** With so many watts at each device, or nothing where it is cut off or the wrong way round. */
    private Solved solved(String state, double[] watts) {
        return states.computeIfAbsent(state, each -> solve(watts));
    }

    private Solved solve(double[] watts) {
        int n = circuit.topology().ids().size();
        int devices = circuit.rig().devices().size();
        List<Integer> leaking = leaks.keySet().stream()
                .filter(segment -> circuit.nodeOf(segment) >= 0)
                .toList();
        int all = n + leaking.size();
        int[] parent = new int[all];
        double[] ohm = new double[all];
        int[] pack = new int[all];
        int[] device = new int[all];
        double[] draws = new double[devices + leaking.size()];
        List<LoadModel> models = new ArrayList<>(circuit.load().loadModels());
        List<Double> atV = new ArrayList<>(circuit.load().atV());
        for (int i = 0; i < n; i++) {
            parent[i] = circuit.topology().parents().get(i);
            int segment = circuit.topology().segments().get(i);
            ohm[i] = segment < 0 ? 0 : segmentOhm[segment];
            pack[i] = circuit.topology().packs().get(i);
            device[i] = circuit.topology().devices().get(i);
            if (device[i] >= 0 && reached[i] && !reversed.contains(device[i])) {
                draws[device[i]] = watts[device[i]] * world.draw()[device[i]];
            }
        }
        for (int l = 0; l < leaking.size(); l++) {
            int node = circuit.nodeOf(leaking.get(l));
            parent[n + l] = node;
            pack[n + l] = -1;
            device[n + l] = devices + l;
            double leak = Math.max(leaks.getOrDefault(leaking.get(l), SOUND_OHM), 1);
            draws[devices + l] = reached[node] ? LEAK_AT_V * LEAK_AT_V / leak : 0;
            models.add(LoadModel.RESISTANCE);
            atV.add(LEAK_AT_V);
        }
        Network network = new Network(parent, ohm, pack, device, models, atV);
        if (!network.solve(restV, packOhm, draws)) {
            return new Solved(false, new double[n], new double[n]);
        }
        double[] volts = new double[n];
        double[] amps = new double[n];
        for (int i = 0; i < n; i++) {
            volts[i] = reached[i] ? network.volts(i) : 0;
            amps[i] = network.segmentAmps(i);
        }
        return new Solved(true, volts, amps);
    }

    private Solved off() {
        return solved("off", new double[circuit.rig().devices().size()]);
    }

    private Solved on(int device) {
        double[] watts = new double[circuit.rig().devices().size()];
        watts[device] = circuit.load().fullW().get(device);
        return solved("on " + device, watts);
    }

    private Solved dimmed(int device) {
        double[] watts = new double[circuit.rig().devices().size()];
        watts[device] = circuit.dimW(device);
        return solved("dim " + device, watts);
    }

    private Solved everything() {
        return solved("all", full());
    }

    private double[] full() {
        return circuit.load().fullW().stream().mapToDouble(Double::doubleValue).toArray();
    }

    private Solved starting(int starter) {
        double[] watts = full();
        watts[starter] = circuit.load().startW().get(starter);
        return solved("start " + starter, watts);
    }

    /** In what the harness is while a point is read. */
    private Solved state(Point point) {
        return switch (point.kind()) {
            case ON_VOLTS, ON_AMPS -> on(point.index());
            case DIM_AMPS -> dimmed(point.index());
            case ALL_VOLTS, PACK_VOLTS, ALL_AMPS, DROP -> everything();
            case START -> starting(point.index());
            case INSULATION, UNUSED, REST, DRAIN, DEAD, POLARITY -> off();
        };
    }

    /** Of every node while a point is read [V]. */
    double[] volts(Point point) {
        return state(point).volts();
    }

    /** Into every node while a point is read [A]. */
    double[] amps(Point point) {
        return state(point).amps();
    }

    /** Through a contact with everything on, counted from the battery on: one that is charged by another has a minus sign [A]. */
    double through(int place) {
        int node = circuit.nodeOf(circuit.places().get(place).segment());
        boolean towards = circuit.topology().packs().get(node) >= 0;
        return (towards ? -1 : 1) * everything().amps()[node];
    }

    /** Out of a source while a point is read [A]. */
    double packAmps(Point point, int source) {
        return total(state(point), source);
    }

    /** Of a wire's pair with all that sits in it [Ω]. */
    double ohm(int segment) {
        return segmentOhm[segment];
    }

    /** What the meter says, before its own noise [V, A, Ω]. */
    double at(Point point) {
        return switch (point.kind()) {
            case INSULATION -> insulation(point.index());
            case UNUSED -> Math.min(SOUND_OHM, touching.getOrDefault(point.subject(), SOUND_OHM));
            case REST -> restV[point.index()] * world.gain()[World.VOLTS];
            case DRAIN -> drain(point.index()) * world.gain()[World.AMPERES];
            case DEAD -> dead(point.index()) * world.gain()[World.VOLTS];
            case POLARITY -> sign(point.index()) * volts(off(), point.index()) * world.gain()[World.VOLTS];
            case ON_VOLTS -> sign(point.index()) * volts(on(point.index()), point.index()) * world.gain()[World.VOLTS];
            case ON_AMPS -> Math.max(0, amps(on(point.index()), point.index())) * world.gain()[World.AMPERES];
            case DIM_AMPS -> Math.max(0, amps(dimmed(point.index()), point.index())) * world.gain()[World.AMPERES];
            case ALL_VOLTS -> sign(point.index()) * volts(everything(), point.index()) * world.gain()[World.VOLTS];
            case PACK_VOLTS -> everything().volts()[root(point.index())] * world.gain()[World.VOLTS];
            case ALL_AMPS -> total(everything(), point.index()) * world.gain()[World.AMPERES];
            case DROP -> drop(point.index()) * world.gain()[World.VOLTS];
            case START ->
                sign(point.index()) * volts(starting(point.index()), point.index()) * world.gain()[World.VOLTS];
        };
    }

    private int root(int source) {
        return circuit.topology().packs().indexOf(source);
    }

    private double sign(int device) {
        return reversed.contains(device) ? -1 : 1;
    }

    private double volts(Solved state, int device) {
        return state.volts()[circuit.topology().nodeOfDevice(device)];
    }

    private double amps(Solved state, int device) {
        return state.amps()[circuit.topology().nodeOfDevice(device)];
    }

    private double total(Solved state, int source) {
        if (!state.runs()) {
            return 0;
        }
        int node = root(source);
        double inner = Math.max(packOhm[source], 1e-6);
        return (restV[source] - state.volts()[node]) / inner;
    }

    /** Across both poles of one contact; over an open one stands all there is. */
    private double drop(int at) {
        Place place = circuit.places().get(at);
        int node = circuit.nodeOf(place.segment());
        if (placeOhm[at] >= OPEN_FROM_OHM) {
            int up = circuit.topology().parents().get(node);
            return up < 0 ? 0 : everything().volts()[up];
        }
        return through(at) * Math.max(0, placeOhm[at]);
    }

    /** Fuse out, everything unplugged, from plus to minus. */
    private double insulation(int segment) {
        return Math.min(SOUND_OHM, leaks.getOrDefault(segment, SOUND_OHM));
    }

    /** Between a device's plug and a switch that is off: nothing, unless that switch is passed by. */
    private double dead(int device) {
        return held(circuit.topology().nodeOfDevice(device)) ? 0 : volts(off(), device);
    }

    /** What leaks, what is live, and what is known to be drawn. */
    private double drain(int source) {
        double amps = world.drainA()[source];
        for (Map.Entry<Integer, Double> leak : leaks.entrySet()) {
            int node = circuit.nodeOf(leak.getKey());
            boolean mine = node >= 0
                    && circuit.topology().packs().get(circuit.topology().root(node)) == source;
            if (mine && !held(node)) {
                amps += off().volts()[node] / Math.max(leak.getValue(), 1);
            }
        }
        for (int p : live) {
            int node = circuit.nodeOf(circuit.places().get(p).segment());
            if (node >= 0 && circuit.topology().packs().get(circuit.topology().root(node)) == source) {
                amps += STANDBY_A;
            }
        }
        return amps;
    }

    /** Whether a switch that is off stands before a node. */
    private boolean held(int node) {
        List<Integer> way = circuit.topology().way(node);
        for (int p = 0; p < circuit.places().size(); p++) {
            Place place = circuit.places().get(p);
            if (place.sort() == Place.Sort.SWITCH && way.contains(place.segment()) && !live.contains(p)) {
                return true;
            }
        }
        return false;
    }
}
