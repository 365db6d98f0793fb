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
 * it does. Where something is wrong currents and volts stray by other amounts, so that is asked anew for each fault. Insulation
 * is reckoned in powers of ten.
 */
public final class BenchModel {

    /** Of a meter held by hand, one standard deviation; common practice, no source [V, A, powers of ten of Ω]. */
    private static final double VOLTS_NOISE = 0.006;

    private static final double DROP_NOISE = 0.0004;
    private static final double AMPS_NOISE = 0.008;

    /** Nobody catches the lowest volt of a blink, and what is drawn in it is hardly known. */
    private static final double START_NOISE = 0.5;

    private static final double DRAIN_NOISE = 0.0003;
    private static final double INSULATION_NOISE = 0.3;

    private final BenchCircuit circuit;
    private final List<Point> points;
    private final Map<String, Integer> places = new HashMap<>();
    private final List<Unknown> unknowns;
    private final Strays sound;

    /**
     * Readings under something, and what each unknown moves them by.
     *
     * @param middle of every point
     * @param moves  by one standard deviation of each of what is not known
     */
    record Strays(double[] middle, List<double[]> moves) {

        /** The same with more that is not known. */
        Strays and(List<double[]> more) {
            List<double[]> all = new ArrayList<>(moves);
            all.addAll(more);
            return new Strays(middle, all);
        }

        /** Without the meter's own noise. */
        double covariance(int i, int j) {
            double sum = 0;
            for (double[] move : moves) {
                sum += move[i] * move[j];
            }
            return sum;
        }
    }

    private BenchModel(BenchCircuit circuit) {
        this.circuit = circuit;
        points = Points.of(circuit);
        points.forEach(point -> places.put(point.id(), places.size()));
        unknowns = Unknown.of(circuit);
        double[] middle = readings(World.planned(circuit));
        List<double[]> moves = new ArrayList<>();
        unknowns.forEach(unknown -> moves.add(move(List.of(), middle, List.of(unknown))));
        sound = new Strays(middle, moves).and(sharing(List.of(), middle));
    }

    /** Of a rig whose harness, batteries and draws are known. */
    public static Outcome<BenchModel> of(Line line) {
        return BenchCircuit.of(line).map(BenchModel::new);
    }

    /**
     * How batteries side by side share goes by the product of what their volts and their resistances stray by: that product is
     * a further thing that is not known.
     */
    private List<double[]> sharing(List<Fault> faults, double[] middle) {
        List<double[]> all = new ArrayList<>();
        if (circuit.topology().sources().size() < 2) {
            return all;
        }
        for (Unknown rest : unknowns) {
            for (Unknown inner : unknowns) {
                if (rest.sort() == Unknown.Sort.REST && inner.sort() == Unknown.Sort.INNER) {
                    double[] product = move(faults, middle, List.of(rest, inner));
                    double[] one = move(faults, middle, List.of(rest));
                    double[] other = move(faults, middle, List.of(inner));
                    for (int i = 0; i < product.length; i++) {
                        product[i] -= one[i] + other[i];
                    }
                    all.add(product);
                }
            }
        }
        return all;
    }

    private double[] move(List<Fault> faults, double[] middle, List<Unknown> moving) {
        World moved = World.planned(circuit).with(faults).copy();
        moving.forEach(unknown -> unknown.move(moved, 1));
        double[] move = readings(moved);
        for (int i = 0; i < move.length; i++) {
            move[i] -= middle[i];
        }
        return move;
    }

    static double noise(ReadingKind kind) {
        return switch (kind) {
            case INSULATION, UNUSED -> INSULATION_NOISE;
            case DRAIN -> DRAIN_NOISE;
            case DROP -> DROP_NOISE;
            case ON_AMPS, DIM_AMPS, ALL_AMPS -> AMPS_NOISE;
            case START -> START_NOISE;
            default -> VOLTS_NOISE;
        };
    }

    BenchCircuit circuit() {
        return circuit;
    }

    List<Point> points() {
        return points;
    }

    List<Unknown> unknowns() {
        return unknowns;
    }

    /** Place of a point among them; −1 where the rig has none of that id. */
    int indexOf(String id) {
        return places.getOrDefault(id, -1);
    }

    /** With nothing wrong. */
    Strays sound() {
        return sound;
    }

    /** With something wrong. */
    Strays strays(List<Fault> faults) {
        double[] middle = readings(faults);
        if (faults.stream().allMatch(fault -> fault.kind() == FaultKind.BARE_UNUSED)) {
            // no current goes there: all else strays as it did
            return new Strays(middle, sound.moves());
        }
        List<double[]> moves = new ArrayList<>();
        for (int u = 0; u < unknowns.size(); u++) {
            Unknown unknown = unknowns.get(u);
            moves.add(
                    carries(unknown)
                            ? move(faults, middle, List.of(unknown))
                            : sound.moves().get(u));
        }
        return new Strays(middle, moves).and(sharing(faults, middle));
    }

    /** Batteries side by side share anew where something is wrong. */
    private boolean carries(Unknown unknown) {
        boolean shared = circuit.topology().sources().size() > 1 && unknown.sort() == Unknown.Sort.INNER;
        return unknown.sort().carries() || shared;
    }

    /** One standard deviation of a reading of a sound rig, the meter's noise with it. */
    double spread(int point) {
        double noise = noise(points.get(point).kind());
        return Math.sqrt(sound.covariance(point, point) + noise * noise);
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
        return readings(World.planned(circuit).with(faults));
    }

    /** A meter's value as it is reckoned with: resistances in powers of ten. */
    static double reckoned(Point point, double value) {
        return point.kind().ohms() ? Math.log10(Math.min(Measured.SOUND_OHM, Math.max(1, value))) : value;
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
            } else if (point.kind() == ReadingKind.UNUSED) {
                add(all, FaultKind.BARE_UNUSED, point.subject());
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
