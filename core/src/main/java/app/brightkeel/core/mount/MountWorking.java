package app.brightkeel.core.mount;

import app.brightkeel.core.craft.Face;
import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Grip;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.sonar.SonarStage;
import java.util.List;

/** Tells what stands in the way of the transducers. */
final class MountWorking {

    /** Holes in a clamp bar; common practice, no source [m]. */
    private static final double HOLES_M = 0.025;

    /** Edge of a transom board over the bottom line; common practice, no source [m]. */
    private static final double BOARD_LEAST_M = 0.025;

    private static final double BOARD_MOST_M = 0.050;

    /** A stern bracket makes the craft so much longer; common practice, no source [m]. */
    private static final double BRACKET_M = 0.25;

    private MountWorking() {}

    static Working of(Line line) {
        Outcome<Clearances> outcome = line.get(MountStage.STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("Clear view", outcome.missing());
        }
        Rig rig = line.rig();
        Working.Builder told = Working.of(
                "Clear view",
                "tan(free half angle) = distance to the edge / reach below the face",
                Source.derived("geometry in the hull's own frame: beam and obstructions turn together"));
        List<Clearance> all = outcome.value().all();
        told.opened(
                "",
                "face under the surface",
                all.get(0).held().face().underM(),
                Unit.MILLIMETRE,
                FaceStage.STAGE.working(line));
        if (line.get(SonarStage.STAGE).isKnown()) {
            told.opened(
                    "θ/2",
                    "half of the widest beam that is used",
                    Math.toDegrees(all.get(0).held().halfRad()),
                    Unit.DEGREE,
                    SonarStage.STAGE.working(line));
        }
        obstructions(told, rig.craft());
        for (int t = 0; t < all.size(); t++) {
            clearance(told, rig, t, all.get(t));
        }
        return told.done();
    }

    private static void obstructions(Working.Builder told, Craft craft) {
        for (int o = 0; o < craft.obstructions().size(); o++) {
            Obstruction it = craft.obstructions().get(o);
            String at = "/craft/obstructions/" + o + "/";
            told.figure("", it.name() + ", from the bow", it.fromBowM(), Unit.METRE, at + "fromBowM")
                    .figure("", "right of the middle", it.sideM(), Unit.METRE, at + "sideM")
                    .figure("", "below the hull", it.belowM(), Unit.MILLIMETRE, at + "belowM")
                    .figure("", "half width", it.halfWidthM(), Unit.MILLIMETRE, at + "halfWidthM");
        }
        for (int s = 0; s < craft.stations().size(); s++) {
            Station station = craft.stations().get(s);
            if (station.spot() == Spot.SCUPPER) {
                told.figure(
                                "",
                                station.name() + ", from the bow",
                                station.fromBowM(),
                                Unit.METRE,
                                Pointer.station(s, "fromBowM"))
                        .figure("", "right of the middle", station.sideM(), Unit.METRE, Pointer.station(s, "sideM"));
            }
        }
    }

    /** What is lost to the sides, and of the turn of a pole. */
    private static void sectors(Working.Builder told, int index, Transducer transducer, Clearance clearance) {
        if (clearance.held().side()) {
            Sector sector = clearance.sector();
            told.step("", "hidden to the left, below the horizontal", Math.toDegrees(sector.leftLostRad()), Unit.DEGREE)
                    .step(
                            "",
                            "hidden to the right, below the horizontal",
                            Math.toDegrees(sector.rightLostRad()),
                            Unit.DEGREE);
        }
        if (transducer.mount().turnDeg().isSet()) {
            told.figure(
                    "",
                    "turned each way from ahead",
                    transducer.mount().turnDeg(),
                    Unit.DEGREE,
                    Pointer.transducer(index, "mount/turnDeg"));
        }
        if (clearance.held().acrossDeg() > 0 && transducer.mount().kind().pole()) {
            told.step(
                    "",
                    "of its turn the live fan is clear over",
                    clearance.sector().clearTurnDeg(),
                    Unit.DEGREE);
        }
    }

    /** What sticks out behind counts on a roof, in a shed, and at a lock. */
    private static void overAll(Working.Builder told, Rig rig, Transducer transducer) {
        if (transducer.mount().kind() == MountKind.STERN_BRACKET
                && rig.craft().lengthM().isSet()) {
            told.figure("", "length of the craft", rig.craft().lengthM(), Unit.METRE, "/craft/lengthM")
                    .step(
                            "",
                            "with the bracket behind it",
                            rig.craft().lengthM().value() + BRACKET_M,
                            Unit.METRE);
        }
    }

    /** A board ends so far above the bottom line that the face just clears it. */
    private static void board(Working.Builder told, Clearance clearance) {
        if (clearance.held().face().mount() == MountKind.TRANSOM_BOARD) {
            told.remark(
                    "Set the lower edge of the board {} to {} above the bottom line of the hull.",
                    new Amount(BOARD_LEAST_M, Unit.MILLIMETRE),
                    new Amount(BOARD_MOST_M, Unit.MILLIMETRE));
        }
    }

    /** A clamp bar has holes every 25 mm; which one depends on how high the gunwale stands. */
    private static void clampBar(Working.Builder told, Rig rig, Clearance clearance) {
        Face face = clearance.held().face();
        if (face.mount() == MountKind.CLAMP_BAR && rig.craft().depthM().isSet()) {
            double barM = rig.craft().depthM().value() - face.zM();
            told.figure("", "bottom to gunwale", rig.craft().depthM(), Unit.MILLIMETRE, "/craft/depthM")
                    .step("", "from the gunwale down to the face", barM, Unit.MILLIMETRE)
                    .step(
                            "",
                            "clamp at the hole of the bar, counted from its foot",
                            Math.ceil(barM / HOLES_M),
                            Unit.COUNT);
        }
    }

    /** What is taken from craft to craft sits on two edges: one position for each, marked. */
    private static void otherEdge(Working.Builder told, Rig rig, int index, Clearance clearance) {
        Face face = clearance.held().face();
        Mount mount = rig.transducers().get(index).mount();
        boolean bar = face.mount() == MountKind.CLAMP_BAR;
        Figure edge = bar
                ? rig.craft().depthM()
                : rig.craft().station(mount.station()).map(Station::heightM).orElse(Figure.UNSET);
        if (!mount.kind().grips().contains(Grip.EDGE) || !mount.otherEdgeM().isSet() || !edge.isSet()) {
            return;
        }
        double here = edge.value() - face.zM();
        double there = here - mount.otherEdgeM().value();
        told.figure(
                        "",
                        "edge of the other craft, lower by",
                        mount.otherEdgeM(),
                        Unit.MILLIMETRE,
                        Pointer.transducer(index, "mount/otherEdgeM"))
                .step("", "from the edge down to the face, there", there, Unit.MILLIMETRE);
        if (bar) {
            // the drop on this craft stands with its hole above
            double hole = Math.ceil(there / HOLES_M);
            told.step("", "there the hole of the bar, counted from its foot", hole, Unit.COUNT)
                    .step("", "where the face hangs deeper by", hole * HOLES_M - there, Unit.MILLIMETRE);
        } else {
            told.step("", "from the edge down to the face, here", here, Unit.MILLIMETRE);
        }
        told.remark(
                there > 0
                        ? "Mark both positions, each with its craft's name."
                        : "It is too short for the other craft: the face would hang over its edge.");
    }

    private static void clearance(Working.Builder told, Rig rig, int index, Clearance clearance) {
        Transducer transducer = rig.transducers().get(index);
        told.remark("{}", transducer.name());
        boolean enclosed = clearance.held().openingM().isPresent();
        if (enclosed) {
            told.figure(
                    "",
                    "clear width of its pocket or hole",
                    transducer.mount().openingM(),
                    Unit.MILLIMETRE,
                    Pointer.transducer(index, "mount/openingM"));
        }
        if (clearance.held().bodyM().isPresent()) {
            told.figure(
                    "",
                    "largest width of its body",
                    transducer.bodyM(),
                    Unit.MILLIMETRE,
                    Pointer.transducer(index, "bodyM"));
        }
        if (clearance.held().iceM().isPresent()) {
            told.figure("", "thickness of the ice", rig.outing().water().iceM(), Unit.MILLIMETRE, "/outing/water/iceM");
        }
        if (transducer.mount().plateM().isSet()) {
            told.figure(
                    "",
                    "its adapter plate carries",
                    transducer.mount().plateM(),
                    Unit.MILLIMETRE,
                    Pointer.transducer(index, "mount/plateM"));
        }
        sectors(told, index, transducer, clearance);
        overAll(told, rig, transducer);
        clampBar(told, rig, clearance);
        otherEdge(told, rig, index, clearance);
        board(told, clearance);
        clearance.gapM().ifPresent(gap -> told.step("", "wider than its body", gap, Unit.MILLIMETRE));
        clearance.behindM().ifPresent(aft -> told.step("", "behind a drive or an open scupper", aft, Unit.METRE));
        if (!clearance.by().isEmpty()) {
            told.remark("The {} is what limits it.", clearance.by());
        }
        told.remark("Its cable leaves {}.", transducer.mount().kind().cable());
        told.result("", "free half angle", Math.toDegrees(clearance.clearRad()), Unit.DEGREE);
    }
}
