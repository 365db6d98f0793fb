package app.brightkeel.core.reading;

import java.util.ArrayList;
import java.util.List;

/**
 * Something about a rig on the bench that is not known exactly.
 *
 * @param sort   what it is of
 * @param index  which of these
 * @param spread one standard deviation
 */
record Unknown(Sort sort, int index, double spread) {

    /** One standard deviation each, as a share; common practice, no source. */
    private static final double INNER = 0.3;

    private static final double WIRE = 0.04;
    private static final double DRAW = 0.1;
    private static final double GAIN_V = 0.003;
    private static final double GAIN_A = 0.006;
    private static final double DRAIN = 0.2;
    private static final double DRAIN_A = 0.0008;

    /** What it is of. */
    enum Sort {
        REST,
        INNER,
        DRAIN,
        WIRE,
        PLACE,
        DRAW,
        GAIN;

        /**
         * Whether it does another thing to readings where something is wrong: a larger current makes a larger drop over a bad
         * contact. What is small beside a fault does the same with it as without.
         */
        boolean carries() {
            return this == REST || this == DRAW || this == GAIN;
        }
    }

    /** Everything that is not known exactly about a circuit. */
    static List<Unknown> of(BenchCircuit circuit) {
        World planned = World.planned(circuit);
        List<Unknown> all = new ArrayList<>();
        for (int p = 0; p < planned.restV().length; p++) {
            all.add(new Unknown(Sort.REST, p, circuit.restSpread().get(p)));
            all.add(new Unknown(Sort.INNER, p, INNER * planned.packOhm()[p]));
            all.add(new Unknown(Sort.DRAIN, p, DRAIN * planned.drainA()[p] + DRAIN_A));
        }
        for (int w = 0; w < planned.wire().length; w++) {
            all.add(new Unknown(Sort.WIRE, w, WIRE));
        }
        for (int p = 0; p < planned.placeOhm().length; p++) {
            all.add(new Unknown(Sort.PLACE, p, circuit.places().get(p).spread()));
        }
        for (int d = 0; d < planned.draw().length; d++) {
            all.add(new Unknown(Sort.DRAW, d, DRAW));
        }
        all.add(new Unknown(Sort.GAIN, World.VOLTS, GAIN_V));
        all.add(new Unknown(Sort.GAIN, World.AMPERES, GAIN_A));
        return List.copyOf(all);
    }

    /** Moves it in a world by so many standard deviations; nothing that can be none becomes less than none. */
    void move(World world, double deviations) {
        double[] of = switch (sort) {
            case REST -> world.restV();
            case INNER -> world.packOhm();
            case DRAIN -> world.drainA();
            case WIRE -> world.wire();
            case PLACE -> world.placeOhm();
            case DRAW -> world.draw();
            case GAIN -> world.gain();
        };
        of[index] = Math.max(0, of[index] + deviations * spread);
    }
}
