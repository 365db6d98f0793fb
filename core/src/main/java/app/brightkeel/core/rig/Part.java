package app.brightkeel.core.rig;

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

    private final Function<Rig, Object> of;

    Part(Function<Rig, Object> of) {
        this.of = of;
    }

    /** One bit, so that sets of parts are compared at once. */
    long bit() {
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
