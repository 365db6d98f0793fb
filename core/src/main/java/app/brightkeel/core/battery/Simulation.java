package app.brightkeel.core.battery;

import app.brightkeel.core.circuit.Network;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.rig.Pack;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Everything a run of one circuit needs, and the ways in which a run may be varied.
 *
 * @param ohms   loop resistance of each segment [Ω]
 * @param packs  sources in use
 * @param spares to change to, one after the other, once the one in use has ended
 * @param minV   of each device [V]
 * @param spread how far what matters may be off
 */
public record Simulation(
        Topology topology,
        List<Double> ohms,
        List<PackString> packs,
        List<PackString> spares,
        DayLoad load,
        List<Double> minV,
        Spreads spread) {

    /**
     * Relative half widths between the 10 % and the 90 % points.
     *
     * @param draw     of each device
     * @param capacity of the packs: rating, age and cold together
     * @param ohm      of the packs' cells
     */
    public record Spreads(List<Double> draw, double capacity, double ohm) {}

    /** How far each is moved for one run: 0 is the plan, 1 the worse end, −1 the better one. */
    public record Shift(List<Double> draw, double capacity, double ohm) {
        static Shift none(int devices) {
            return new Shift(Collections.nCopies(devices, 0.0), 0, 0);
        }
    }

    /** The pack that its first wire leaves from. */
    public PackModel first() {
        return packs.get(0).members().get(0);
    }

    /** Whether a pack is one of its sources. */
    public boolean gives(Pack pack) {
        return has(packs, pack);
    }

    static boolean has(List<PackString> sources, Pack pack) {
        return sources.stream()
                .flatMap(source -> source.members().stream())
                .anyMatch(model -> model.id().equals(pack.id()));
    }

    /** Places of the devices that hang on it. */
    public List<Integer> fed() {
        return topology.devices().stream().filter(device -> device >= 0).toList();
    }

    Shift planned() {
        return Shift.none(minV.size());
    }

    /** The run as planned, without its points. */
    public DayRun asPlanned() {
        return run(planned(), false);
    }

    DayRun run(Shift shift, boolean keepPoints) {
        Network network = new Network(
                topology, ohms.stream().mapToDouble(Double::doubleValue).toArray(), load);
        double[] factor = new double[minV.size()];
        for (int d = 0; d < factor.length; d++) {
            factor[d] = Math.pow(1 + spread.draw().get(d), shift.draw().get(d));
        }
        double[] mean = new double[factor.length];
        for (int d = 0; d < mean.length; d++) {
            mean[d] = load.meanW(d) * factor[d];
        }
        int[] nodes = new int[factor.length];
        for (int d = 0; d < nodes.length; d++) {
            nodes[d] = topology.nodeOfDevice(d);
        }
        double[] least = minV.stream().mapToDouble(Double::doubleValue).toArray();
        DayRun run =
                new Discharge(network, moved(packs, shift), nodes, least, keepPoints).run(dayFrom(0, factor), mean, 0);
        // a spare stands in for the one source there is; of several in parallel none could be told from the others
        for (int s = 0; s < spares.size() && packs.size() == 1 && run.hours() < Discharge.LONGEST_H; s++) {
            List<PackString> next = moved(List.of(spares.get(s)), shift);
            run = run.then(new Discharge(network, next, nodes, least, keepPoints)
                    .run(dayFrom(run.hours(), factor), mean, run.hours()));
        }
        return run;
    }

    private List<PackString> moved(List<PackString> strings, Shift shift) {
        double capacity = Math.pow(1 - spread.capacity(), shift.capacity());
        double ohm = Math.pow(1 + spread.ohm(), shift.ohm());
        return each(strings, pack -> pack.aged(pack.ageFactor() * capacity).stiffened(ohm));
    }

    private static List<PackString> each(List<PackString> strings, UnaryOperator<PackModel> change) {
        return strings.stream()
                .map(string ->
                        new PackString(string.members().stream().map(change).toList()))
                .toList();
    }

    /** What is left of the day from an hour on. */
    private List<Discharge.Stretch> dayFrom(double hour, double[] factor) {
        List<Discharge.Stretch> day = new ArrayList<>();
        for (DayLoad.PhaseLoad phase : load.phases()) {
            double left = phase.from() + phase.hours() - Math.max(hour, phase.from());
            if (left > 0) {
                day.add(new Discharge.Stretch(left, scaled(phase.watts(), factor)));
            }
        }
        return day;
    }

    private static double[] scaled(List<Double> watts, double[] factor) {
        double[] all = new double[factor.length];
        for (int d = 0; d < all.length; d++) {
            all[d] = watts.get(d) * factor[d];
        }
        return all;
    }

    /** The same day on another source alone. */
    Simulation on(Topology other, PackString source) {
        return new Simulation(other, ohms, List.of(source), List.of(), load, minV, spread);
    }

    /** The same with every pack changed. */
    public Simulation with(UnaryOperator<PackModel> change) {
        return new Simulation(topology, ohms, each(packs, change), each(spares, change), load, minV, spread);
    }

    /** The same with nothing lost between battery and device. */
    Simulation withoutWire() {
        return new Simulation(topology, Collections.nCopies(ohms.size(), 0.0), packs, spares, load, minV, spread);
    }

    /** The same with every pack used to another depth. */
    Simulation withDepth(double depth) {
        return with(pack -> pack.usedTo(depth));
    }
}
