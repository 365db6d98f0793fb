package app.brightkeel.core.battery;

import app.brightkeel.core.circuit.Network;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.PackString;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Packs and devices at one moment of a run: what the network settles at for given charges and watts, how fast each pack
 * empties, and how near the run is to one of its ends. Looked at again and again: holds scratch arrays, serves one thread.
 */
final class OperatingPoint {

    private final Network network;
    private final List<PackModel> packs;

    /** Which source of the network each pack belongs to: packs in series share one. */
    private final int[] sourceOf;

    private final double[] minV;
    private final int[] nodes;
    private final double[] rest;
    private final double[] inner;
    private final double[] sourceV;
    private final double[] sourceOhm;
    private final double[] rates;
    private double[] watts = {};
    private double margin;
    private End nearest = End.EMPTY;
    private int nearestDevice;
    private double watchedV;

    /**
     * @param nodes of each device in the network, −1 where nothing feeds it
     * @param minV  of each device
     */
    OperatingPoint(Network network, List<PackString> sources, int[] nodes, double[] minV) {
        this.network = network;
        packs = sources.stream().flatMap(source -> source.members().stream()).toList();
        sourceOf = IntStream.range(0, sources.size())
                .flatMap(s -> sources.get(s).members().stream().mapToInt(member -> s))
                .toArray();
        this.nodes = nodes;
        this.minV = minV;
        sourceV = new double[sources.size()];
        sourceOhm = new double[sources.size()];
        rest = new double[packs.size()];
        inner = new double[packs.size()];
        rates = new double[packs.size()];
    }

    /** Single packs, those in series one after the other. */
    List<PackModel> packs() {
        return packs;
    }

    /** Power of each device from now on. */
    void draw(double[] powers) {
        watts = powers;
    }

    /** Share of its charge that a pack loses an hour; negative where another charges it. */
    double rate(int pack) {
        return rates[pack];
    }

    double[] rates() {
        return rates.clone();
    }

    /** How near an end it is [V]: positive while it still works, −∞ where there is no operating point. */
    double margin() {
        return margin;
    }

    boolean works() {
        return margin > 0;
    }

    /** Where the margin was used up is found as near as it goes: from here on it does not work. */
    void usedUp() {
        margin = 0;
    }

    End nearest() {
        return nearest;
    }

    int nearestDevice() {
        return nearestDevice;
    }

    /** Volts at the device with the fewest. */
    double watchedV() {
        return watchedV;
    }

    /** Solves the network at these charges: sets rates, margin and which end is nearest. */
    void look(double[] at) {
        Arrays.fill(sourceV, 0);
        Arrays.fill(sourceOhm, 0);
        for (int i = 0; i < packs.size(); i++) {
            rest[i] = packs.get(i).restVolts(at[i]);
            inner[i] = packs.get(i).ohm(at[i]);
            sourceV[sourceOf[i]] += rest[i];
            sourceOhm[sourceOf[i]] += inner[i];
        }
        if (!network.solve(sourceV, sourceOhm, watts)) {
            margin = Double.NEGATIVE_INFINITY;
            nearest = End.DEVICE_MINIMUM;
            nearestDevice = firstFed();
            watchedV = 0;
            return;
        }
        margin = Double.POSITIVE_INFINITY;
        watchedV = Double.POSITIVE_INFINITY;
        for (int d = 0; d < nodes.length; d++) {
            if (nodes[d] >= 0 && watts[d] > 0) {
                double volts = network.volts(nodes[d]);
                watchedV = Math.min(watchedV, volts);
                nearer(volts - minV[d], End.DEVICE_MINIMUM, d);
            }
        }
        for (int i = 0; i < packs.size(); i++) {
            double amps = amps(sourceOf[i]);
            PackModel pack = packs.get(i);
            rates[i] = amps / (pack.availableAh() * pack.rateFactor(amps));
            End end = pack.chemistry().lead() ? End.EMPTY : End.PACK_CUT_OFF;
            nearer(rest[i] - inner[i] * amps - pack.cutOffVolts(), end, nearestDevice);
        }
        if (Double.isInfinite(watchedV)) {
            watchedV = sourceV[0];
        }
    }

    private int firstFed() {
        for (int d = 0; d < nodes.length; d++) {
            if (nodes[d] >= 0 && watts[d] > 0) {
                return d;
            }
        }
        return 0;
    }

    private void nearer(double left, End end, int device) {
        if (left < margin) {
            margin = left;
            nearest = end;
            nearestDevice = device;
        }
    }

    double amps(int source) {
        return network.packAmps(source, sourceV, sourceOhm);
    }

    double totalAmps() {
        double sum = 0;
        for (int s = 0; s < sourceV.length; s++) {
            sum += amps(s);
        }
        return sum;
    }

    double totalWatts() {
        double sum = 0;
        for (int s = 0; s < sourceV.length; s++) {
            double amps = amps(s);
            sum += amps * (sourceV[s] - sourceOhm[s] * amps);
        }
        return sum;
    }

    /** Power lost inside the packs. */
    double innerWatts() {
        double sum = 0;
        for (int i = 0; i < packs.size(); i++) {
            double amps = amps(sourceOf[i]);
            sum += amps * amps * inner[i];
        }
        return sum;
    }

    /** Energy that leaves each pack's cells with a unit of its charge [Wh]. */
    double[] whPerCharge() {
        double[] all = new double[packs.size()];
        for (int i = 0; i < all.length; i++) {
            PackModel pack = packs.get(i);
            all[i] = rest[i] * pack.availableAh() * pack.rateFactor(amps(sourceOf[i]));
        }
        return all;
    }

    double fedWatts() {
        double sum = 0;
        for (int d = 0; d < nodes.length; d++) {
            sum += nodes[d] >= 0 ? network.deviceWatts(nodes[d], watts[d]) : 0;
        }
        return sum;
    }

    /** Of each source [A]. */
    List<Double> shares() {
        List<Double> shares = new ArrayList<>();
        for (int s = 0; s < sourceV.length; s++) {
            shares.add(amps(s));
        }
        return List.copyOf(shares);
    }
}
