package app.brightkeel.core.rig;

import java.util.Optional;

/** What is assumed of transducers, mounts and cables; all of it common practice, no source. */
final class CraftAssumptions {

    /** How high above the bottom the fish stand that matter, where nobody said [m]. */
    static final double FISH_M = 0.15;

    /** Room that terminals and a right-angled plug need above a battery [m]. */
    static final double PLUG_ROOM_M = 0.03;

    /** Service loop, so that a plug can be pulled [m]. */
    static final double LOOP_M = 0.30;

    /** Outer width of a transducer's lead or of a pair of supply wires [m]. */
    static final double CABLE_M = 0.007;

    /** Drip loop; there are none on the ice [m]. */
    static final double DRIP_M = 0.10;

    /** Longest wire that is accepted [m]. */
    private static final double LONGEST_WIRE_M = 60;

    private CraftAssumptions() {}

    static Transducer filled(Transducer transducer) {
        Mount mount = transducer.mount();
        return mount.kind() == MountKind.UNDECIDED
                ? transducer
                : transducer.withMount(
                        mount.withBelowM(mount.belowM().orAssume(mount.kind().usualBelowM())));
    }

    static Run filled(Run run, Rig rig) {
        double free = rig.transducer(run.carries())
                .map(t -> t.mount().kind().usualFreeM())
                .orElse(0.0);
        return run.with(full -> full.loopM(run.loopM().orAssume(LOOP_M))
                .dripM(run.dripM().orAssume(rig.craft().kind().onIce() ? 0 : DRIP_M))
                .movingM(run.movingM().orAssume(0))
                .freeM(run.freeM().orAssume(free))
                .cableM(run.cableM().orAssume(CABLE_M)));
    }

    /** A wire whose length nobody gave is cut as long as its way through the craft, where that is known. */
    static Segment asLongAsItsWay(Segment segment, Rig rig) {
        Optional<Run> run = rig.runOf(segment.id());
        if (segment.wire().lengthM().isSet()
                || run.isEmpty()
                || run.get().legs().isEmpty()) {
            return segment;
        }
        Run whole = filled(run.get(), rig);
        double metres = whole.loopM().value()
                + whole.dripM().value()
                + whole.movingM().value()
                + whole.freeM().value();
        for (String leg : whole.legs()) {
            Figure length = rig.craft().passage(leg).orElseThrow().lengthM();
            if (!length.isSet()) {
                return segment;
            }
            metres += length.value();
        }
        return segment.withWire(
                segment.wire().withLengthM(segment.wire().lengthM().orAssume(Math.min(metres, LONGEST_WIRE_M))));
    }
}
