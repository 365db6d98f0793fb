package app.brightkeel.core.reading;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What readings a sound rig gives, how far they stray together, and what a fault moves them to.
 *
 * <p>Everything that is not known exactly is small: readings go with it in a straight line, and stray as the sum of what each of
 * it does. Insulation is reckoned in powers of ten.
 */
public final class BenchModel {

    /** Of a meter held by hand, one standard deviation; common practice, no source [V, A, powers of ten of Ω]. */
    private static final double VOLTS_NOISE = 0.006;

    private static final double DROP_NOISE = 0.0004;
    private static final double AMPS_NOISE = 0.008;
    private static final double DRAIN_NOISE = 0.0003;
    private static final double INSULATION_NOISE = 0.3;

    private final BenchCircuit circuit;
    private final List<Point> points;
    private final Map<String, Integer> places = new HashMap<>();
    private final World planned;
    private final double[] mean;
    private final double[][] covariance;

    private BenchModel(BenchCircuit circuit) {
        this.circuit = circuit;
        points = Points.of(circuit);
        points.forEach(point -> places.put(point.id(), places.size()));
        planned = World.planned(circuit);
        mean = readings(planned);
        covariance = new double[points.size()][points.size()];
        for (World.Unknown unknown : planned.unknowns(circuit)) {
            add(readings(unknown.moved()));
        }
        for (int i = 0; i < points.size(); i++) {
            double noise = noise(points.get(i).kind());
            covariance[i][i] += noise * noise;
        }
    }

    /** Of a rig whose harness, batteries and draws are known. */
    public static Outcome<BenchModel> of(Line line) {
        return BenchCircuit.of(line).map(BenchModel::new);
    }

    private void add(double[] moved) {
        for (int i = 0; i < moved.length; i++) {
            double di = moved[i] - mean[i];
            if (di != 0) {
                for (int j = 0; j < moved.length; j++) {
                    covariance[i][j] += di * (moved[j] - mean[j]);
                }
            }
        }
    }

    static double noise(ReadingKind kind) {
        return switch (kind) {
            case INSULATION -> INSULATION_NOISE;
            case DRAIN -> DRAIN_NOISE;
            case DROP -> DROP_NOISE;
            case ON_AMPS, ALL_AMPS -> AMPS_NOISE;
            default -> VOLTS_NOISE;
        };
    }

    BenchCircuit circuit() {
        return circuit;
    }

    List<Point> points() {
        return points;
    }

    /** Place of a point among them; −1 where the rig has none of that id. */
    int indexOf(String id) {
        return places.getOrDefault(id, -1);
    }

    double[] mean() {
        return mean.clone();
    }

    double covariance(int i, int j) {
        return covariance[i][j];
    }

    World planned() {
        return planned;
    }

    /** Every reading in one world, as it is reckoned with. */
    double[] readings(World world) {
        Measured measured = new Measured(circuit, world);
        double[] all = new double[points.size()];
        for (int i = 0; i < all.length; i++) {
            all[i] = reckoned(points.get(i), measured.at(points.get(i)));
        }
        return all;
    }

    /** Every reading with something wrong, all else as planned. */
    double[] readings(List<Fault> faults) {
        return readings(planned.with(faults));
    }

    /** A meter's value as it is reckoned with: resistances in powers of ten. */
    static double reckoned(Point point, double value) {
        return point.kind() == ReadingKind.INSULATION
                ? Math.log10(Math.min(Measured.SOUND_OHM, Math.max(1, value)))
                : value;
    }

    /** Every single thing that may be wrong, in all its sizes. */
    List<List<Fault>> singles() {
        List<List<Fault>> all = new ArrayList<>();
        for (Place place : circuit.places()) {
            add(all, FaultKind.BAD_CRIMP, place.id());
            add(all, FaultKind.OPEN, place.id());
            if (place.sort() == Place.Sort.FUSE && place.ratingA() > 0) {
                add(all, FaultKind.WRONG_FUSE, place.id());
            }
            if (place.sort() == Place.Sort.SWITCH) {
                add(all, FaultKind.LIVE_WHEN_OFF, place.id());
            }
        }
        for (int device : circuit.fed()) {
            add(all, FaultKind.REVERSED_PLUG, circuit.device(device).id());
        }
        for (int s = 0; s < circuit.rig().harness().segments().size(); s++) {
            if (circuit.nodeOf(s) >= 0) {
                add(
                        all,
                        FaultKind.CHAFED_LEAD,
                        circuit.rig().harness().segments().get(s).id());
            }
        }
        for (Point point : points) {
            if (point.kind() == ReadingKind.REST) {
                add(all, FaultKind.WEAK_BATTERY, point.subject());
            }
        }
        return all;
    }

    private static void add(List<List<Fault>> all, FaultKind kind, String subject) {
        List<Fault> sizes = new ArrayList<>();
        for (double size : kind.sizes()) {
            sizes.add(new Fault(kind, subject, size));
        }
        all.add(sizes);
    }
}
