package app.brightkeel.core.reading;

import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;

/** Every point of a harness that is worth a reading. */
final class Points {

    private Points() {}

    static List<Point> of(BenchCircuit circuit) {
        List<Point> all = new ArrayList<>();
        List<Segment> segments = circuit.rig().harness().segments();
        for (int s = 0; s < segments.size(); s++) {
            if (circuit.nodeOf(s) >= 0) {
                add(all, ReadingKind.INSULATION, segments.get(s).id(), s);
                for (int c = 1; c <= segments.get(s).wire().unused(); c++) {
                    add(all, ReadingKind.UNUSED, segments.get(s).id() + "/" + c, s);
                }
            }
        }
        sources(circuit, all, ReadingKind.REST);
        sources(circuit, all, ReadingKind.DRAIN);
        for (int device : circuit.fed()) {
            if (circuit.switched(device)) {
                add(all, ReadingKind.DEAD, circuit.device(device).id(), device);
            }
        }
        devices(circuit, all, ReadingKind.POLARITY);
        devices(circuit, all, ReadingKind.ON_VOLTS);
        devices(circuit, all, ReadingKind.ON_AMPS);
        for (int device : circuit.fed()) {
            if (circuit.load().fullW().get(device) > 0
                    && circuit.device(device).draw().dims()) {
                add(all, ReadingKind.DIM_AMPS, circuit.device(device).id(), device);
            }
        }
        devices(circuit, all, ReadingKind.ALL_VOLTS);
        sources(circuit, all, ReadingKind.PACK_VOLTS);
        sources(circuit, all, ReadingKind.ALL_AMPS);
        for (int p = 0; p < circuit.places().size(); p++) {
            add(all, ReadingKind.DROP, circuit.places().get(p).id(), p);
        }
        for (int device : circuit.fed()) {
            double more =
                    circuit.load().startW().get(device) - circuit.load().fullW().get(device);
            if (more > 0.01) {
                add(all, ReadingKind.START, circuit.device(device).id(), device);
            }
        }
        return List.copyOf(all);
    }

    private static void sources(BenchCircuit circuit, List<Point> all, ReadingKind kind) {
        for (int s = 0; s < circuit.topology().sources().size(); s++) {
            if (circuit.topology().packs().contains(s)) {
                int first = circuit.topology().sources().get(s).get(0);
                add(all, kind, circuit.rig().harness().packs().get(first).id(), s);
            }
        }
    }

    private static void devices(BenchCircuit circuit, List<Point> all, ReadingKind kind) {
        for (int device : circuit.fed()) {
            if (circuit.load().fullW().get(device) > 0) {
                add(all, kind, circuit.device(device).id(), device);
            }
        }
    }

    private static void add(List<Point> all, ReadingKind kind, String subject, int index) {
        all.add(new Point(kind.of(subject), kind, subject, index));
    }
}
