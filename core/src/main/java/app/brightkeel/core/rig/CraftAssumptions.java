package app.brightkeel.core.rig;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What is assumed of transducers, mounts and cables; all of it common practice, no source. */
public final class CraftAssumptions {

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

    /** Outer width of a transducer's or data lead, and of supply wires whose gauge is open [m]. */
    static final double CABLE_M = 0.007;

    /** First tie behind a transducer: 25 to 50 mm back [m]. */
    static final double RELIEF_M = 0.04;

    /** A cut of a hand-held saw [m]. */
    static final double KERF_M = 0.003;

    private static final double WALL_M = 0.003;
    private static final double FABRIC_M = 0.001;

    /** Taking off by hand, and with a tool [min]. */
    private static final double BY_HAND_MIN = 1;

    private static final double BY_TOOL_MIN = 4;

    /** Drip loop; there are none on the ice [m]. */
    static final double DRIP_M = 0.10;

    private static final double HALF_TURN_DEG = 180;

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
                .movingM(run.movingM().orAssume(armM(run, rig)))
                .freeM(run.freeM().orAssume(free))
                .cableM(run.cableM().orAssume(widthM(run, rig)))
                .reliefM(run.reliefM().orAssume(RELIEF_M))
                .travels(run.travels().stream().map(CraftAssumptions::filled).toList()));
    }

    /** What a display on an arm takes with it when it is laid down: the chord of a quarter turn; 0 where that is said already. */
    private static double armM(Run run, Rig rig) {
        boolean said = run.travels().stream().anyMatch(travel -> travel.what() == Moves.ARM);
        double most = 0;
        for (Holder holder : rig.holders()) {
            boolean folds =
                    holder.poses().contains(Pose.LOWERED) && holder.armM().isSet();
            if (!said && folds && reaches(run.carries(), holder.holds(), rig)) {
                most = Math.max(most, holder.armM().value() * Math.sqrt(2));
            }
        }
        return Math.round(most * 100) / 100.0;
    }

    /** Whether a cable ends at a device. */
    private static boolean reaches(String carried, String device, Rig rig) {
        Optional<Transducer> sonar = rig.transducer(carried);
        if (sonar.isPresent()) {
            return rig.displayOf(sonar.get())
                    .filter(display -> display.id().equals(device))
                    .isPresent();
        }
        return rig.harness().segments().stream()
                        .anyMatch(wire -> wire.id().equals(carried) && wire.to().equals(device))
                || rig.network()
                        .lead(carried)
                        .filter(lead -> lead.from().equals(device) || lead.to().equals(device))
                        .isPresent();
    }

    private static double widthM(Run run, Rig rig) {
        return rig.harness().segments().stream()
                .filter(segment -> segment.id().equals(run.carries())
                        && segment.wire().gauge().decided())
                .map(segment -> Math.min(Run.WIDEST_M, segment.wire().acrossM()))
                .findFirst()
                .orElse(CABLE_M);
    }

    private static Travel filled(Travel travel) {
        return travel.what().turns() ? travel.withAngleDeg(travel.angleDeg().orAssume(HALF_TURN_DEG)) : travel;
    }

    /** Places with what it takes to clear them where things come off. */
    static List<Placement> filled(Rig rig) {
        return rig.places().stream()
                .map(place ->
                        place.comesOff() ? place.withOffMin(place.offMin().orAssume(usualMin(rig, place))) : place)
                .toList();
    }

    private static double usualMin(Rig rig, Placement place) {
        boolean tool = place.held().how() != Holding.UNDECIDED && !place.held().toolFree()
                || rig.holderOf(place.item())
                        .filter(holder -> !holder.toolFree())
                        .isPresent();
        return tool ? BY_TOOL_MIN : BY_HAND_MIN;
    }

    static FitOut filled(FitOut fitOut) {
        Boards boards = fitOut.boards();
        return fitOut.with(full -> full.boxes(
                        fitOut.boxes().stream().map(CraftAssumptions::filled).toList())
                .boards(
                        boards.parts().isEmpty()
                                ? boards
                                : boards.withKerfM(boards.kerfM().orAssume(KERF_M))));
    }

    private static Enclosure filled(Enclosure box) {
        return box.with(full -> full.wallM(box.wallM().orAssume(box.kind().stiff() ? WALL_M : FABRIC_M))
                .clearM(box.clearM().orAssume(0))
                .lidM(box.lidM().orAssume(0)));
    }

    /** A service loop and a drip loop, where nobody says otherwise [m]. */
    public static double usualSlackM(Rig rig) {
        return LOOP_M + (rig.craft().kind().onIce() ? 0 : DRIP_M);
    }

    /**
     * A wire whose length nobody gave is cut as long as its way through the craft; where it was not laid, as the shortest
     * one between the places of its ends and the usual slack.
     */
    static Segment asLongAsItsWay(Segment segment, Rig rig) {
        Optional<Run> run = rig.runOf(segment.id());
        if (segment.wire().lengthM().isSet()) {
            return segment;
        }
        if (run.isEmpty() || run.get().legs().isEmpty()) {
            OptionalDouble way = ShortestWay.lengthM(rig, segment);
            return way.isEmpty() ? segment : ofLength(segment, way.getAsDouble() + usualSlackM(rig));
        }
        Run whole = filled(run.get(), rig);
        double metres = whole.slackM() + Travel.extraM(whole.travels());
        for (String leg : whole.legs()) {
            Figure length = rig.craft().passage(leg).orElseThrow().lengthM();
            if (!length.isSet()) {
                return segment;
            }
            metres += length.value();
        }
        return ofLength(segment, metres);
    }

    private static Segment ofLength(Segment segment, double metres) {
        return segment.withWire(
                segment.wire().withLengthM(segment.wire().lengthM().orAssume(Math.min(metres, LONGEST_WIRE_M))));
    }
}
