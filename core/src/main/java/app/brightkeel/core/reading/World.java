package app.brightkeel.core.reading;

import java.util.Arrays;
import java.util.List;

/**
 * One harness as it may really be: every figure that is not known exactly with a value, and whatever is wrong with it.
 *
 * @param restV    of each source [V], {@code packOhm} its inner resistance [Ω]
 * @param wire     of each wire, times its planned resistance
 * @param placeOhm of each place [Ω]
 * @param draw     of each device, times its planned draw
 * @param drainA   of each source with everything off [A]
 * @param gain     of the meter on volts and on amperes: 1 where it is right
 * @param faults   what is wrong
 */
record World(
        double[] restV,
        double[] packOhm,
        double[] wire,
        double[] placeOhm,
        double[] draw,
        double[] drainA,
        double[] gain,
        List<Fault> faults) {

    static final int VOLTS = 0;
    static final int AMPERES = 1;

    /** As planned, with nothing wrong. */
    static World planned(BenchCircuit circuit) {
        return new World(
                array(circuit.restV()),
                array(circuit.packOhm()),
                ones(circuit.wireOhms().size()),
                circuit.places().stream().mapToDouble(Place::ohm).toArray(),
                ones(circuit.rig().devices().size()),
                array(circuit.drainA()),
                ones(2),
                List.of());
    }

    World with(List<Fault> wrong) {
        return new World(restV, packOhm, wire, placeOhm, draw, drainA, gain, wrong);
    }

    /** The same, nothing shared: what is changed in it changes nothing else. */
    World copy() {
        return new World(
                restV.clone(),
                packOhm.clone(),
                wire.clone(),
                placeOhm.clone(),
                draw.clone(),
                drainA.clone(),
                gain.clone(),
                faults);
    }

    private static double[] array(List<Double> list) {
        return list.stream().mapToDouble(Double::doubleValue).toArray();
    }

    private static double[] ones(int count) {
        double[] all = new double[count];
        Arrays.fill(all, 1);
        return all;
    }
}
