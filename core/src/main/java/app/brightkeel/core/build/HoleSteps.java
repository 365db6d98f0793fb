package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.BackReach;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Material;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Way;
import app.brightkeel.core.route.Hole;
import app.brightkeel.core.route.HoleStage;
import app.brightkeel.core.route.HolesWorking;
import app.brightkeel.core.route.LaidCable;
import app.brightkeel.core.route.Routes;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Every opening: marked, looked at from behind, drilled, deburred, the leads through it, and closed round them. */
final class HoleSteps implements StepsOf {

    private final SheetWriter sheet;
    private final List<Hole> holes;

    HoleSteps(SheetWriter sheet) {
        this.sheet = sheet;
        holes = sheet.line().get(HoleStage.STAGE).orElse(exitsAlone(sheet));
    }

    /** Holes of boxes are there before anybody has planned a way. */
    private static List<Hole> exitsAlone(SheetWriter sheet) {
        return HoleStage.STAGE.compute(new HoleStage.Needs(
                sheet.rig().craft(),
                sheet.rig().fitOut(),
                new Routes(List.of()),
                sheet.rig().runs()));
    }

    List<Hole> holes() {
        return holes;
    }

    /** Ids of the cables that go through a hole. */
    private List<LaidCable> through(Hole hole) {
        return sheet.laid().stream()
                .filter(each -> hole.cables().contains(each.name()))
                .toList();
    }

    private List<String> stations(Hole hole) {
        return hole.passage()
                .map(passage -> List.of(passage.from(), passage.to()))
                .orElseGet(() -> boxes(hole).map(Enclosure::station).toList());
    }

    /** The box that it is in the wall of, if it is in one. */
    private Stream<Enclosure> boxes(Hole hole) {
        return sheet.rig().fitOut().boxes().stream()
                .filter(box -> box.exits().stream().anyMatch(exit -> exit.id().equals(hole.id())));
    }

    @Override
    public void tell() {
        for (Hole hole : holes) {
            if (!hole.there()) {
                mark(hole);
                lookBehind(hole);
                drill(hole);
                deburr(hole);
            }
            if (!through(hole).isEmpty()) {
                pass(hole);
            }
            if (closes(hole)) {
                seal(hole);
            }
        }
    }

    /** A lip or an open scupper is closed by nothing. */
    private static boolean closes(Hole hole) {
        boolean itself = hole.passage()
                .filter(passage -> passage.way().underLid() || passage.way() == Way.SCUPPER)
                .isPresent();
        boolean parted = !hole.forCables() && !hole.there();
        return parted || hole.forCables() && !itself && (hole.buys() || fitting(hole));
    }

    /** One with a cap of its own. */
    private static boolean fitting(Hole hole) {
        return hole.passage().filter(passage -> passage.way() == Way.FITTING).isPresent();
    }

    private StepDraft about(StepKind kind, Hole hole, String title, Object... parts) {
        return sheet.step(kind, hole.id(), title, parts)
                .at(stations(hole))
                .of(boxes(hole).map(Enclosure::id).toList())
                .fact("through", "{}", hole.part());
    }

    private static Amount size(Hole hole) {
        return new Amount(hole.drillM(), Unit.FINE_MILLIMETRE);
    }

    private void mark(Hole hole) {
        sheet.add(about(StepKind.MARK, hole, "mark the {}: {}", hole.name(), hole.part())
                .say("Cross of two lines, and the edge of a hole of {} round it.", size(hole))
                .say("{}.", place(hole))
                .fact("hole", "{}", size(hole))
                .material("masking tape")
                .piece(Piece.Of.CRAFT, List.of(hole.id())));
    }

    private String place(Hole hole) {
        return hole.passage()
                .map(passage ->
                        "Between " + sheet.nameOfStation(passage.from()) + " and " + sheet.nameOfStation(passage.to()))
                .orElse("As high in the wall as the list of holes says");
    }

    private void lookBehind(Hole hole) {
        StepDraft draft = about(StepKind.LOOK_BEHIND, hole, "look behind the mark: {}", hole.name())
                .fact("back", "{}", hole.back().words())
                .check(
                        "behind",
                        Text.of("nothing lies behind it: no lead, no float, no wall, no fitting"),
                        "the drill does not stop where the wall does")
                .check(
                        "again",
                        Text.of("measured a second time, from another edge, the mark is where it should be"),
                        "a hole is not moved")
                .piece(Piece.Of.CRAFT, List.of(hole.id()));
        if (hole.closedBy().nut() || hole.back() == BackReach.UNKNOWN) {
            draft.check("hand", "a hand gets behind it for the nut", "a nut that nobody reaches is never tight");
        }
        if (hole.below()) {
            draft.check(
                    "below",
                    "you want a hole below the waterline, and have read what the maker says of it",
                    "what leaks there fills the hull");
        }
        sheet.add(draft);
    }

    private void drill(Hole hole) {
        StepDraft draft = about(StepKind.DRILL, hole, "drill {} for the {}", size(hole), hole.name())
                .fact("hole", "{}", size(hole))
                .fact("stuff", "{}", hole.stuff().words())
                .say("In the {}.", hole.part())
                .sayIf(
                        hole.plugM() > 0,
                        "The widest plug that has to pass is {}.",
                        new Amount(hole.plugM(), Unit.MILLIMETRE))
                .sayIf(
                        hole.closedBy().bought(),
                        "It takes the {}, which wants {}.",
                        hole.closedBy().words(),
                        new Amount(hole.wantsM(), Unit.FINE_MILLIMETRE))
                .sayIf(hole.stuff() == Material.UNDECIDED, "Say what it is made of: that decides drill and sealant.")
                .caution("drilling")
                .piece(Piece.Of.CRAFT, List.of(hole.id()));
        if (hole.drillM() > 0.013) {
            draft.tool("hole saw");
        }
        if (hole.plugM() > 0) {
            draft.fact("plug", "{}", new Amount(hole.plugM(), Unit.MILLIMETRE));
        }
        if (hole.closedBy().bought()) {
            draft.fact("closed by", "{}, {}", hole.closedBy().words(), new Amount(hole.wantsM(), Unit.FINE_MILLIMETRE));
        }
        sheet.add(draft);
    }

    private void deburr(Hole hole) {
        sheet.add(about(StepKind.DEBURR, hole, "deburr and clean the {}", hole.name())
                .say("Both faces round and smooth: an edge wears through a lead. Chips out of hull and box.")
                .fact("hole", "{}", size(hole)));
    }

    private void pass(Hole hole) {
        List<LaidCable> through = through(hole);
        String names = String.join(", ", through.stream().map(LaidCable::name).toList());
        List<String> way = through.stream().map(LaidCable::carries).toList();
        StepDraft draft = about(StepKind.PASS, hole, "lead through the {}: {}", hole.name(), names)
                .fact("leads", "{}", names)
                .of(way)
                .times(through.size())
                .sayIf(
                        hole.plugM() > 0 && !lip(hole),
                        "Plug first, {} wide, before anything closes round the lead.",
                        new Amount(hole.plugM(), Unit.MILLIMETRE))
                .sayIf(
                        !hole.crimpedLast().isEmpty() && !lip(hole),
                        "The ends of the {} are not on yet: bare wire, taped to a point.",
                        String.join(", ", hole.crimpedLast()))
                .sayIf(lip(hole), "From below up to the lip, with its drip loop under it.")
                .piece(Piece.Of.CRAFT, drawn(hole, way));
        if (hole.plugM() > 0) {
            draft.fact("plug", "{}", new Amount(hole.plugM(), Unit.MILLIMETRE));
        }
        sheet.add(draft);
    }

    /** Under a lid that is off while one works: nothing has to be passed, everything lies in it. */
    private static boolean lip(Hole hole) {
        return hole.passage().filter(passage -> passage.way().underLid()).isPresent();
    }

    private static List<String> drawn(Hole hole, List<String> cables) {
        List<String> all = new ArrayList<>(cables);
        all.add(hole.id());
        return all;
    }

    private void seal(Hole hole) {
        boolean part = !hole.forCables();
        StepDraft draft = (part
                        ? about(StepKind.SEAL, hole, "put in what fills the {}", hole.name())
                        : hole.buys()
                                ? about(
                                        StepKind.SEAL,
                                        hole,
                                        "close the {} round the leads: {}",
                                        hole.closedBy().words(),
                                        hole.name())
                                : about(StepKind.SEAL, hole, "close the cap of the {}", hole.name()))
                .say("{}", HolesWorking.sealing(sheet.rig(), hole))
                .fact("closed by", "{}", hole.buys() ? hole.closedBy().words() : "its own cap")
                .fact("stuff", "{}", hole.stuff().words())
                .of(through(hole).stream().map(LaidCable::carries).toList())
                .piece(Piece.Of.CRAFT, List.of(hole.id()));
        if (hole.buys()) {
            draft.material(hole.closedBy().words());
        }
        boolean sealant = sealed(hole);
        if (sealant) {
            draft.material("marine sealant").caution("glue").say("Hand tight; wipe what comes out.");
        }
        String id = sheet.add(draft);
        if (sealant) {
            sheet.cure(id, hole.id(), Cure.MARINE_SEALANT, "", "sealant of the " + hole.name());
        }
    }

    /** To polyethylene nothing bonds, and coated fabric gets no hole. */
    private static boolean sealed(Hole hole) {
        return !hole.there() && hole.stuff() != Material.POLYETHYLENE && hole.stuff() != Material.FABRIC;
    }

    @Override
    public void order() {
        for (Hole hole : holes) {
            String drill = StepKind.DRILL.of(hole.id());
            String pass = StepKind.PASS.of(hole.id());
            String seal = StepKind.SEAL.of(hole.id());
            sheet.first(
                    StepKind.MARK.of(hole.id()),
                    StepKind.LOOK_BEHIND.of(hole.id()),
                    "what is not marked is not looked behind");
            sheet.first(StepKind.LOOK_BEHIND.of(hole.id()), drill, "look before the drill goes through");
            sheet.first(drill, StepKind.DEBURR.of(hole.id()), "there is no edge yet");
            sheet.first(StepKind.DEBURR.of(hole.id()), pass, "a sharp edge wears through the lead");
            sheet.first(StepKind.DEBURR.of(hole.id()), seal, "chips under a gasket leak");
            sheet.first(pass, seal, "the plug goes through before anything closes round the lead");
            sheet.first(
                    StepKind.CURE.of(hole.id()),
                    StepKind.SEAL_CHECK.of(AfloatSteps.RIG),
                    "sealant leaks until it has cured");
            for (LaidCable each : through(hole)) {
                sheet.first(StepKind.CUT_WIRE.of(each.carries()), pass, "there is no wire to lead yet");
                sheet.first(
                        StepKind.THREAD.of(each.carries()),
                        pass,
                        "float and stop are threaded before the lead goes on its way");
                sheet.first(pass, StepKind.ROUTE.of(each.carries()), "the lead comes through the hole first");
                if (hole.passage()
                        .filter(passage -> passage.way() == Way.SCUPPER)
                        .isPresent()) {
                    sheet.first(
                            pass,
                            StepKind.FASTEN.of(each.carries()),
                            "the lead goes up the scupper before the mount fills it");
                }
            }
            for (Passage passage : hole.passage().stream().toList()) {
                sheet.first(StepKind.MEASURE.of("ways"), StepKind.MARK.of(passage.id()), "the hole follows the way");
            }
            boxes(hole)
                    .forEach(box ->
                            sheet.first(StepKind.CURE.of(BoardSteps.BOARDS), pass, "the pod is put together first"));
        }
    }
}
