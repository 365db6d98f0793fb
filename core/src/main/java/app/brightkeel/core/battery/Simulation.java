package app.brightkeel.core.battery;

import app.brightkeel.core.circuit.Network;
import app.brightkeel.core.circuit.Topology;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.pack.PackModel;
import java.util.ArrayList;
import java.util.List;

/**
 * Everything a run needs, and the ways in which a run may be varied.
 *
 * @param ohms   loop resistance of each segment [Ω]
 * @param minV   of each device [V]
 * @param spread how far what matters may be off
 */
public record Simulation(
        Topology topology, List<Double> ohms, List<PackModel> packs, DayLoad load, List<Double> minV, Spreads spread) {

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
            return new Shift(java.util.Collections.nCopies(devices, 0.0), 0, 0);
        }
    }

    Shift planned() {
        return Shift.none(minV.size());
    }

    Run run(Shift shift, boolean keepPoints) {
        Network network = new Network(
                topology, ohms.stream().mapToDouble(Double::doubleValue).toArray());
        List<PackModel> moved = packs.stream()
                .map(pack -> pack.aged(pack.ageFactor() * Math.pow(1 - spread.capacity(), shift.capacity()))
                        .stiffened(Math.pow(1 + spread.ohm(), shift.ohm())))
                .toList();
        double[] factor = new double[minV.size()];
        for (int d = 0; d < factor.length; d++) {
            factor[d] = Math.pow(1 + spread.draw().get(d), shift.draw().get(d));
        }
        List<Discharge.Stretch> day = new ArrayList<>();
        for (DayLoad.PhaseLoad phase : load.phases()) {
            day.add(new Discharge.Stretch(phase.hours(), scaled(phase.watts(), factor)));
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
        return new Discharge(network, moved, nodes, least, keepPoints).run(day, mean);
    }

    private static double[] scaled(List<Double> watts, double[] factor) {
        double[] all = new double[factor.length];
        for (int d = 0; d < all.length; d++) {
            all[d] = watts.get(d) * factor[d];
        }
        return all;
    }

    /** The same with every pack at another share of its rating. */
    Simulation withAge(double age) {
        return new Simulation(
                topology, ohms, packs.stream().map(p -> p.aged(age)).toList(), load, minV, spread);
    }

    /** The same with every pack used to another depth. */
    Simulation withDepth(double depth) {
        return new Simulation(
                topology, ohms, packs.stream().map(p -> p.usedTo(depth)).toList(), load, minV, spread);
    }
}
