package app.brightkeel.core.rig;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/** The parts of a rig that are told apart when it is noted what something was worked out from. */
public enum Part {
    NAME(Rig::name),
    AIR(rig -> rig.outing().airC()),
    WATER(rig -> rig.outing().water()),
    PHASES(rig -> rig.outing().phases()),
    DAY(rig -> rig.outing().dayH()),
    DAYS_OUT(rig -> rig.outing().daysOut()),
    VIEWS(rig -> rig.outing().views()),
    RAN(rig -> rig.outing().ran()),
    ANGLER(Rig::angler),
    CRAFT(Rig::craft),
    TRANSDUCERS(Rig::transducers),
    DEVICES(Rig::devices),
    PACKS(rig -> rig.harness().packs()),
    JUNCTIONS(rig -> rig.harness().junctions()),
    SEGMENTS(rig -> rig.harness().segments()),
    SPARES(rig -> rig.harness().spares()),
    RUNS(Rig::runs),
    PLACES(Rig::places),
    HOLDERS(Rig::holders),
    NETWORK(Rig::network),
    ON_HAND(Rig::onHand),
    CHARGERS(Rig::chargers),
    SHARING(Rig::sharing),
    SCHOOLS(Rig::schools),
    WEIGHTS(Rig::weights),
    FIT_OUT(Rig::fitOut),
    PURSE(Rig::purse),
    QUIETED(Rig::quieted),
    NOTES(Rig::notes),
    PROPOSED(Rig::proposed);

    /** Every part. */
    static final long ALL_BITS = (1L << values().length) - 1;

    private static final Part[] ALL = values();
    private static final Set<Part> HARNESS = EnumSet.of(PACKS, JUNCTIONS, SEGMENTS, SPARES);
    private static final Set<Part> OUTING = EnumSet.of(AIR, WATER, PHASES, DAY, DAYS_OUT, VIEWS, RAN);

    private final Function<Rig, Object> of;

    Part(Function<Rig, Object> of) {
        this.of = of;
    }

    /** One bit, so that sets of parts are compared at once. */
    public long bit() {
        return 1L << ordinal();
    }

    Object in(Rig rig) {
        return of.apply(rig);
    }

    /**
     * The parts, as entered, that {@link Assumptions} fills this one from: itself, and what its figures are assumed by.
     */
    long filledFrom() {
        return switch (this) {
            case WATER -> bits(WATER, CRAFT);
            case PHASES -> bits(PHASES, DEVICES);
            case PACKS -> bits(PACKS, AIR);
            case SEGMENTS -> bits(SEGMENTS, RUNS, PLACES, CRAFT, TRANSDUCERS, HOLDERS, DEVICES, NETWORK);
            case RUNS -> bits(RUNS, SEGMENTS, TRANSDUCERS, CRAFT, HOLDERS, DEVICES, NETWORK);
            case WEIGHTS -> bits(WEIGHTS, SHARING);
            case PLACES -> bits(PLACES, HOLDERS);
            default -> bit();
        };
    }

    private static long bits(Part... parts) {
        long bits = 0;
        for (Part part : parts) {
            bits |= part.bit();
        }
        return bits;
    }

    /** A rig with other values in some of its parts, each of the type of that part. */
    @SuppressWarnings("unchecked")
    static Rig replaced(Rig rig, Map<Part, Object> values) {
        RigBuilder made = RigBuilder.builder(rig);
        HarnessBuilder harness = HarnessBuilder.builder(rig.harness());
        OutingBuilder outing = OutingBuilder.builder(rig.outing());
        values.forEach((part, value) -> {
            switch (part) {
                case NAME -> made.name((String) value);
                case AIR -> outing.airC((Figure) value);
                case WATER -> outing.water((Water) value);
                case PHASES -> outing.phases((List<Phase>) value);
                case DAY -> outing.dayH((Figure) value);
                case DAYS_OUT -> outing.daysOut((Figure) value);
                case VIEWS -> outing.views((List<WantedView>) value);
                case RAN -> outing.ran((List<TrialRun>) value);
                case ANGLER -> made.angler((Angler) value);
                case CRAFT -> made.craft((Craft) value);
                case TRANSDUCERS -> made.transducers((List<Transducer>) value);
                case DEVICES -> made.devices((List<Device>) value);
                case PACKS -> harness.packs((List<Pack>) value);
                case JUNCTIONS -> harness.junctions((List<Junction>) value);
                case SEGMENTS -> harness.segments((List<Segment>) value);
                case SPARES -> harness.spares((List<Segment>) value);
                case RUNS -> made.runs((List<Run>) value);
                case PLACES -> made.places((List<Placement>) value);
                case HOLDERS -> made.holders((List<Holder>) value);
                case NETWORK -> made.network((NetworkPlan) value);
                case ON_HAND -> made.onHand((List<Pack>) value);
                case CHARGERS -> made.chargers((List<Charger>) value);
                case SHARING -> made.sharing((Sharing) value);
                case SCHOOLS -> made.schools((Schools) value);
                case WEIGHTS -> made.weights((Weights) value);
                case FIT_OUT -> made.fitOut((FitOut) value);
                case PURSE -> made.purse((Purse) value);
                case QUIETED -> made.quieted((Set<String>) value);
                case NOTES -> made.notes((List<Note>) value);
                case PROPOSED -> made.proposed((List<String>) value);
            }
        });
        if (values.keySet().stream().anyMatch(HARNESS::contains)) {
            made.harness(harness.build());
        }
        if (values.keySet().stream().anyMatch(OUTING::contains)) {
            made.outing(outing.build());
        }
        return made.build();
    }

    /** The parts that differ between two rigs, as a set of bits like {@link Reads#parts}. */
    public static long changed(Rig one, Rig other) {
        if (one == other) {
            return 0;
        }
        long changed = 0;
        for (Part part : ALL) {
            Object before = part.in(one);
            Object after = part.in(other);
            if (before != after && !before.equals(after)) {
                changed |= part.bit();
            }
        }
        return changed;
    }
}
