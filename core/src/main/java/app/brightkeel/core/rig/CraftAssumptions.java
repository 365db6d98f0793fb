package app.brightkeel.core.rig;

import java.util.Optional;

/** What is assumed of transducers, mounts and cables; all of it common practice, no source. */
final class CraftAssumptions {

    /** How high above the bottom the fish stand that matter, where nobody said [m]. */
    static final double FISH_M = 0.15;

    /** How long the fish are that are wanted, where nobody said [m]. */
    static final double FISH_LENGTH_M = 0.40;

    /** A live head's fan across, where its sheet says nothing [°]; value from memory, 18 to 22. */
    static final double LIVE_ACROSS_DEG = 20;

    /** The thin way of a line beam or side fan [°]; value from memory. */
    static final double THIN_DEG = 2;

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
        return transducer.with(full -> {
            if (mount.kind() != MountKind.UNDECIDED) {
                full.mount(mount.withBelowM(mount.belowM().orAssume(mount.kind().usualBelowM())));
            }
            if (mount.kind().pole()) {
                full.mount(full.mount().withTurnDeg(mount.turnDeg().orAssume(180)));
            }
            if (transducer.live()) {
                full.tiltDeg(transducer.tiltDeg().orAssume(0))
                        .leanDeg(transducer.leanDeg().orAssume(0));
            }
            if (transducer.beams().stream().anyMatch(beam -> beam.shape() != BeamShape.CONE)) {
                full.beams(transducer.beams().stream()
                        .map(CraftAssumptions::filled)
                        .toList());
            }
        });
    }

    private static Beam filled(Beam beam) {
        return switch (beam.shape()) {
            case CONE -> beam;
            case LIVE -> beam.withAlongDeg(beam.alongDeg().orAssume(LIVE_ACROSS_DEG));
            case LINE, SIDE -> beam.withAlongDeg(beam.alongDeg().orAssume(THIN_DEG));
        };
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
