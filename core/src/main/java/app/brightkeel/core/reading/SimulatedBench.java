package app.brightkeel.core.reading;

import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * A rig on a bench that nobody has, and a meter at it: everything that is not known exactly drawn by lot, with faults as they are
 * asked for the whole solved anew, the meter with its noise and its last digit.
 */
public final class SimulatedBench {

    private final BenchModel model;
    private final double[] truth;
    private final Random random;

    /** @param seed the same gives the same rig and the same noise */
    public SimulatedBench(BenchModel model, List<Fault> faults, long seed) {
        this.model = model;
        random = new Random(seed);
        World world = World.planned(model.circuit()).with(faults).copy();
        model.unknowns().forEach(unknown -> unknown.move(world, random.nextGaussian()));
        truth = model.readings(world);
    }

    /** Ids of the points that can be read. */
    public List<String> points() {
        return model.points().stream().map(Point::id).toList();
    }

    /** What is read at a point; missing where the rig has none of that id. */
    public Optional<ReadingKind> kind(String id) {
        int at = model.indexOf(id);
        return at < 0 ? Optional.empty() : Optional.of(model.points().get(at).kind());
    }

    /** What the meter shows at a point [V, A, Ω]; an unknown one is a fault of the caller. */
    public Reading read(String id) {
        int at = model.indexOf(id);
        if (at < 0) {
            throw new IllegalArgumentException("no such point: " + id);
        }
        Point point = model.points().get(at);
        double shown = truth[at] + random.nextGaussian() * BenchModel.noise(point.kind());
        double value = point.kind().ohms() ? Math.pow(10, shown) : shown;
        double digit = digit(point.kind(), value);
        return new Reading(id, Math.round(value / digit) * digit);
    }

    /** The last digit of its range [V, A, Ω]. */
    private static double digit(ReadingKind kind, double value) {
        return switch (kind) {
            case INSULATION, UNUSED -> Math.pow(10, Math.floor(Math.log10(Math.max(1, value))) - 2);
            case DROP, DRAIN -> 0.0001;
            default -> 0.01;
        };
    }

    /** A fault by lot: every kind as often as the others, any place of it, any size that it may have. */
    public static Fault any(BenchModel model, Random random) {
        List<FaultKind> kinds = model.singles().stream()
                .map(sizes -> sizes.get(0).kind())
                .distinct()
                .sorted()
                .toList();
        FaultKind kind = kinds.get(random.nextInt(kinds.size()));
        List<List<Fault>> of = model.singles().stream()
                .filter(sizes -> sizes.get(0).kind() == kind)
                .toList();
        List<Fault> sizes = of.get(random.nextInt(of.size()));
        Fault fault = sizes.get(random.nextInt(sizes.size()));
        if (!kind.graded()) {
            return fault;
        }
        double low = sizes.get(0).size();
        double high = sizes.get(sizes.size() - 1).size();
        return new Fault(kind, fault.subject(), low * Math.pow(high / low, random.nextDouble()));
    }
}
