package app.brightkeel.core.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * One harness as it may really be: every figure that is not known exactly with a value, and whatever is wrong with it.
 *
 * @param restV   of each source [V], {@code packOhm} its inner resistance [Ω]
 * @param wire    of each wire, times its planned resistance
 * @param placeOhm of each place [Ω]
 * @param draw    of each device, times its planned draw
 * @param drainA  of each source with everything off [A]
 * @param gain    of the meter on volts, and {@code gainA} on amperes: 1 where it is right
 * @param faults  what is wrong
 */
record World(
        double[] restV,
        double[] packOhm,
        double[] wire,
        double[] placeOhm,
        double[] draw,
        double[] drainA,
        double gain,
        double gainA,
        List<Fault> faults) {

    /** As planned, with nothing wrong. */
    static World planned(BenchCircuit circuit) {
        return new World(
                array(circuit.restV()),
                array(circuit.packOhm()),
                ones(circuit.wireOhms().size()),
                circuit.places().stream().mapToDouble(Place::ohm).toArray(),
                ones(circuit.rig().devices().size()),
                array(circuit.drainA()),
                1,
                1,
                List.of());
    }

    World with(List<Fault> wrong) {
        return new World(restV, packOhm, wire, placeOhm, draw, drainA, gain, gainA, wrong);
    }

    private static double[] array(List<Double> list) {
        return list.stream().mapToDouble(Double::doubleValue).toArray();
    }

    private static double[] ones(int count) {
        double[] all = new double[count];
        Arrays.fill(all, 1);
        return all;
    }

    /** Something about it that is not known exactly: the same with that one moved by a standard deviation. */
    record Unknown(World moved) {}

    /** Everything that is not known exactly, moved one at a time. */
    List<Unknown> unknowns(BenchCircuit circuit) {
        List<Unknown> all = new ArrayList<>();
        for (int p = 0; p < restV.length; p++) {
            all.add(new Unknown(moved(restV, p, restV[p] + circuit.restSpread().get(p))));
            all.add(new Unknown(new World(
                    restV,
                    changed(packOhm, p, packOhm[p] * (1 + INNER_SPREAD)),
                    wire,
                    placeOhm,
                    draw,
                    drainA,
                    gain,
                    gainA,
                    faults)));
            all.add(new Unknown(new World(
                    restV,
                    packOhm,
                    wire,
                    placeOhm,
                    draw,
                    changed(drainA, p, drainA[p] * 1.2 + DRAIN_SPREAD_A),
                    gain,
                    gainA,
                    faults)));
        }
        for (int w = 0; w < wire.length; w++) {
            all.add(new Unknown(new World(
                    restV, packOhm, changed(wire, w, 1 + WIRE_SPREAD), placeOhm, draw, drainA, gain, gainA, faults)));
        }
        for (int p = 0; p < placeOhm.length; p++) {
            all.add(new Unknown(new World(
                    restV,
                    packOhm,
                    wire,
                    changed(placeOhm, p, placeOhm[p] + circuit.places().get(p).spread()),
                    draw,
                    drainA,
                    gain,
                    gainA,
                    faults)));
        }
        for (int d = 0; d < draw.length; d++) {
            all.add(new Unknown(new World(
                    restV, packOhm, wire, placeOhm, changed(draw, d, 1 + DRAW_SPREAD), drainA, gain, gainA, faults)));
        }
        all.add(new Unknown(
                new World(restV, packOhm, wire, placeOhm, draw, drainA, gain + GAIN_SPREAD, gainA, faults)));
        all.add(new Unknown(
                new World(restV, packOhm, wire, placeOhm, draw, drainA, gain, gainA + 2 * GAIN_SPREAD, faults)));
        return all;
    }

    /** One standard deviation each, as a share; common practice, no source. */
    static final double INNER_SPREAD = 0.3;

    static final double WIRE_SPREAD = 0.04;
    static final double DRAW_SPREAD = 0.1;
    static final double GAIN_SPREAD = 0.003;
    static final double DRAIN_SPREAD_A = 0.0008;

    private World moved(double[] from, int at, double to) {
        return new World(changed(from, at, to), packOhm, wire, placeOhm, draw, drainA, gain, gainA, faults);
    }

    private static double[] changed(double[] from, int at, double to) {
        double[] all = from.clone();
        all[at] = to;
        return all;
    }
}
