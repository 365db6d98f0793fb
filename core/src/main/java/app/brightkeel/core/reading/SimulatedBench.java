package app.brightkeel.core.reading;

import java.util.List;
import java.util.Random;

/**
 * A rig on a bench that nobody has, and a meter at it: everything that is not known exactly drawn by lot, faults as they are asked
 * for, the meter with its noise and its last digit.
 */
public final class SimulatedBench {

    private final BenchModel model;
    private final double[] truth;
    private final Random random;

    /** @param seed the same gives the same rig and the same noise */
    public SimulatedBench(BenchModel model, List<Fault> faults, long seed) {
        this.model = model;
        random = new Random(seed);
        double[] planned = model.readings(model.planned());
        double[] with = model.readings(faults);
        truth = with.clone();
        // what strays, strays together: once for all points
        for (World.Unknown unknown : model.planned().unknowns(model.circuit())) {
            double lot = random.nextGaussian();
            double[] moved = model.readings(unknown.moved());
            for (int i = 0; i < truth.length; i++) {
                truth[i] += lot * (moved[i] - planned[i]);
            }
        }
    }

    /** Ids of the points that can be read. */
    public List<String> points() {
        return model.points().stream().map(Point::id).toList();
    }

    /** What the meter shows at a point [V, A, Ω]; an unknown one is a fault of the caller. */
    public Reading read(String id) {
        int at = model.indexOf(id);
        if (at < 0) {
            throw new IllegalArgumentException("no such point: " + id);
        }
        Point point = model.points().get(at);
        double shown = truth[at] + random.nextGaussian() * BenchModel.noise(point.kind());
        double value = point.kind() == ReadingKind.INSULATION ? Math.pow(10, shown) : shown;
        double digit = digit(point.kind(), value);
        return new Reading(id, Math.round(value / digit) * digit);
    }

    /** The last digit of its range [V, A, Ω]. */
    private static double digit(ReadingKind kind, double value) {
        return switch (kind) {
            case INSULATION -> Math.pow(10, Math.floor(Math.log10(Math.max(1, value))) - 2);
            case DROP, DRAIN -> 0.0001;
            default -> 0.01;
        };
    }

    /** Every single fault that this rig can have. */
    public static List<Fault> faults(BenchModel model) {
        return model.singles().stream().flatMap(List::stream).toList();
    }
}
