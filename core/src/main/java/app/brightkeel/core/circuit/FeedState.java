package app.brightkeel.core.circuit;

import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Outcome;
import java.util.Collection;
import java.util.List;

/**
 * The harness with everything on at full brightness, at three charges of the packs.
 *
 * @param topology the nodes that packs reach
 * @param ohms     loop resistance of each segment, in the harness's order
 * @param full     packs just charged
 * @param mean     packs at the mean volts of the charge that is used
 * @param empty    packs at the charge where the chosen depth ends
 * @param start    the same while the device starts that draws most more than it does later
 * @param starter  place of that device, −1 where none draws more as it starts
 */
public record FeedState(
        Topology topology, List<Double> ohms, Point full, Point mean, Point empty, Point start, int starter) {

    /** Charge of the packs a point is solved at. */
    public enum Moment {
        FULL,
        MEAN,
        EMPTY
    }

    /**
     * One operating point.
     *
     * @param exists    false beyond the collapse limit; the lists are empty then
     * @param volts     of each node
     * @param amps      into each node from its parent
     * @param packVolts at the terminals of the pack that starts each node's tree
     */
    public record Point(boolean exists, List<Double> volts, List<Double> amps, List<Double> packVolts) {}

    /** Volts at a device at a moment; missing where nothing feeds it or no operating point exists. */
    public Outcome<Double> deviceVolts(int device, Point point) {
        int node = topology.nodeOfDevice(device);
        return node < 0 || !point.exists()
                ? new Outcome.Missing<>(List.of("/harness/segments"))
                : Outcome.known(point.volts().get(node));
    }

    /** Whether some pack reaches a device. */
    public boolean feeds(int device) {
        return topology.nodeOfDevice(device) >= 0;
    }

    /** Volts lost between pack terminals and a device at the pack's mean volts; the device must be fed. */
    public double dropV(int device) {
        int node = topology.nodeOfDevice(device);
        return mean.packVolts().get(node) - mean.volts().get(node);
    }

    /** The device with the lowest volts nearly empty, −1 where none is fed. */
    public int worstDevice() {
        return worstDevice(topology.devices());
    }

    /** The same of some devices alone. */
    public int worstDevice(Collection<Integer> among) {
        int worst = -1;
        double lowest = Double.POSITIVE_INFINITY;
        for (int node = 0; node < topology.ids().size(); node++) {
            int device = topology.devices().get(node);
            if (device < 0 || !among.contains(device)) {
                continue;
            }
            double volts = empty.exists() ? empty.volts().get(node) : 0;
            if (volts < lowest) {
                lowest = volts;
                worst = device;
            }
        }
        return worst;
    }
}
