package app.brightkeel.core.review.whole;

import static app.brightkeel.core.rig.Figure.UNSET;
import static app.brightkeel.core.rig.Figure.chosen;
import static app.brightkeel.core.rig.Figure.measured;
import static app.brightkeel.core.rig.Figure.rated;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.BackReach;
import app.brightkeel.core.rig.Backing;
import app.brightkeel.core.rig.Bail;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import app.brightkeel.core.rig.DataLead;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.Exit;
import app.brightkeel.core.rig.ExitUse;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.FastenerKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Material;
import app.brightkeel.core.rig.Opening;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.PassThroughStock;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Pocket;
import app.brightkeel.core.rig.Pose;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Size;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;

/** For each rule about loose ends, holes, holding, boxes and boards a rig that breaks it. */
final class FitOutTriggers {

    private static final Rig GOOD = RuleTriggers.good();

    private FitOutTriggers() {}

    static Map<String, Rig> all() {
        return Map.ofEntries(
                Map.entry("cable.strain-relief", sonar(run -> run.withReliefM(measured(0.2)))),
                Map.entry("cable.drip-loop", sonar(run -> run.withDripM(measured(0.02)))),
                Map.entry("cable.coil", longLead(sonar(run -> run.withCoilAt("deck-aft")))),
                Map.entry("cable.pin-not-taken", sonar(run -> run.withThrough(List.of("tube-wall")))),
                Map.entry("cable.hole-too-small", tube(PassThrough.CABLE_FITTING, 0.019, UNSET)),
                Map.entry("cable.hole-too-wide", tube(PassThrough.GROMMET, 0.030, UNSET)),
                Map.entry(
                        "cable.opening-order",
                        tube(PassThrough.SPLIT_GROMMET, 0.030, UNSET).withQuieted(Set.of())),
                Map.entry("cable.hole-larger-than-part", tube(PassThrough.SPLIT_GROMMET, 0.030, measured(0.045))),
                Map.entry("cable.hole-left-open", tube(PassThrough.NONE, 0.030, UNSET)),
                Map.entry("cable.back-not-reached", closedBack()),
                Map.entry("cable.too-many-for-fitting", port(PassThrough.CABLE_FITTING)),
                Map.entry("cable.pass-throughs-short", shortOfGrommets()),
                Map.entry("carry.held-badly", held(Held.UNKNOWN.withHow(Holding.BARE))),
                Map.entry(
                        "carry.lies-on-side",
                        held(Held.UNKNOWN.withOnSide(true)).with(lead(Chemistry.FLOODED))),
                Map.entry("carry.station-far", farRail()),
                Map.entry("carry.lid-meets", boxed(box -> box.withExits(List.of(exit(BaseEdge.NONE, true))))),
                Map.entry(
                        "carry.no-longer-tight",
                        boxed(box -> box.withTight(true).withExits(List.of(exit(BaseEdge.LEFT, false))))),
                Map.entry("carry.fastener-short", screwed(FastenerKind.WOOD_SCREW, 0.020, each -> each)),
                Map.entry("carry.fastener-too-long", screwed(FastenerKind.MACHINE_SCREW, 0.045, each -> each)),
                Map.entry(
                        "carry.fastener-back",
                        screwed(FastenerKind.BOLT, 0.050, each -> each.withBack(BackReach.CLOSED))),
                Map.entry(
                        "carry.fastener-unbacked",
                        screwed(
                                FastenerKind.BOLT,
                                0.050,
                                each -> each.with(bolt -> bolt.back(BackReach.REACHED)
                                        .stuff(Material.POLYETHYLENE)
                                        .backing(Backing.NONE)))),
                Map.entry("cable.sharp-rim", sharpTube()),
                Map.entry("cable.bought-too-long", longDataLead()),
                Map.entry(
                        "carry.not-tried",
                        held(Held.UNKNOWN.with(h -> h.how(Holding.POST_BRACKET)
                                        .tried(new Size(measured(0.151), measured(0.098), measured(0.095)))))
                                .with(GOOD.harness()
                                        .pack("pack")
                                        .withSize(new Size(measured(0.181), measured(0.077), measured(0.167))))),
                Map.entry("carry.heat-shut-in", shutOverTheDisplay(50)),
                Map.entry("carry.gas-shut-in", boxed(box -> box.withTight(true)).with(lead(Chemistry.AGM))),
                Map.entry(
                        "carry.pocket-too-small",
                        boxed(box -> box.withPockets(List.of(new Pocket(
                                "pocket",
                                "front pocket",
                                Pose.STOWED,
                                new Size(measured(0.2), measured(0.1), measured(0.05)),
                                "display"))))),
                Map.entry("carry.hangs-over", hanging()),
                Map.entry(
                        "carry.pockets-too-many",
                        boxed(box -> box.withPockets(List.of(
                                new Pocket("a", "left pocket", Pose.STOWED, large(), ""),
                                new Pocket("b", "right pocket", Pose.STOWED, large(), ""))))),
                Map.entry(
                        "carry.pocket.incomplete",
                        boxed(box -> box.withPockets(
                                        List.of(new Pocket("a", "pocket", Pose.STOWED, large(), "display"))))
                                .with(GOOD.device("display").withSize(Size.UNKNOWN))),
                Map.entry(
                        "carry.makes-no-box",
                        GOOD.withFitOut(GOOD.fitOut()
                                .withBoards(new Boards(
                                        rated(1.8),
                                        rated(0.4),
                                        rated(0.012),
                                        UNSET,
                                        UNSET,
                                        List.of(
                                                new BoardPart("a", "bottom", measured(0.30), measured(0.2), 1, false),
                                                new BoardPart(
                                                        "b", "long sides", measured(0.33), measured(0.2), 2, false),
                                                new BoardPart("c", "ends", measured(0.2), measured(0.2), 2, false)),
                                        Figure.UNSET)))),
                Map.entry("carry.boards.incomplete", boards(UNSET, part(0.3, 0.1, false))),
                Map.entry("carry.part-too-large", boards(rated(0.9), part(1.1, 0.1, false))));
    }

    /** The crate with a heavy screen out to the side, lifted by a bail that runs fore and aft. */
    private static Rig hanging() {
        Rig crate = DemoRigs.lanternCrate();
        return crate.withCraft(crate.craft().withBail(Bail.ALONG))
                .with(crate.device("display").withMassKg(measured(9)));
    }

    /** As large as the box itself, nearly. */
    private static Size large() {
        return new Size(measured(0.25), measured(0.22), measured(0.18));
    }

    private static Rig sonar(UnaryOperator<Run> change) {
        return GOOD.with(change.apply(GOOD.runOf("transducer").orElseThrow()));
    }

    private static Rig longLead(Rig rig) {
        return rig.with(rig.transducers()
                .get(0)
                .withLead(rig.transducers().get(0).lead().withLengthM(rated(8))));
    }

    static Rig passage(Rig rig, String id, UnaryOperator<Passage> change) {
        return rig.withCraft(rig.craft()
                .withPassages(rig.craft().passages().stream()
                        .map(p -> p.id().equals(id) ? change.apply(p) : p)
                        .toList()));
    }

    /** The transducer's lead through the wall of the tube, whatever else it might go through. */
    static Rig tube(PassThrough closedBy, double openingM, Figure partM) {
        Rig through = sonar(run ->
                run.withLegs(List.of("up-aft-left", "deck-to-stern-hatch", "stern-lip", "hull-to-tube", "tube-wall")));
        Opening opening =
                Opening.UNKNOWN.with(o -> o.closedBy(closedBy).partM(partM).stuff(Material.POLYETHYLENE));
        return passage(through, "tube-wall", p -> p.withOpening(opening).withOpeningM(measured(openingM)))
                .withSchools(Schools.UNDECIDED)
                .withQuieted(Set.of("cable.opening-order"));
    }

    private static Rig closedBack() {
        return passage(
                tube(PassThrough.CABLE_FITTING, 0.030, UNSET),
                "tube-wall",
                p -> p.withOpening(p.opening().withBack(BackReach.CLOSED)));
    }

    /** The supply lead and another wire through the port by the left foot. */
    private static Rig port(PassThrough closedBy) {
        Rig both = GOOD.with(GOOD.runOf("transducer")
                .orElseThrow()
                .withLegs(
                        List.of("up-aft-left", "deck-to-stern-hatch", "stern-lip", "port-left", "foot-to-rail-left")));
        return passage(
                both,
                "port-left",
                p -> p.withOpeningM(measured(0.040)).withOpening(p.opening().withClosedBy(closedBy)));
    }

    private static Rig shortOfGrommets() {
        Rig rig = tube(PassThrough.SPLIT_GROMMET, 0.030, UNSET);
        return rig.withFitOut(rig.fitOut().withPassThroughs(List.of(new PassThroughStock(PassThrough.GROMMET, 4))));
    }

    private static Rig held(Held held) {
        return GOOD.with(GOOD.placeOf("pack").orElseThrow().withHeld(held));
    }

    private static Pack lead(Chemistry chemistry) {
        return GOOD.harness().pack("pack").withChemistry(chemistry);
    }

    private static Rig farRail() {
        return GOOD.withCraft(GOOD.craft()
                .withStations(GOOD.craft().stations().stream()
                        .map(s -> s.id().equals("rail-left") ? s.withSideM(measured(-2.5)) : s)
                        .toList()));
    }

    /** A roomy box in the stern well. */
    static Rig boxed(UnaryOperator<Enclosure> change) {
        Enclosure box = new Enclosure(
                "box",
                "box in the well",
                EnclosureKind.BOX,
                "stern-well",
                new Size(measured(0.30), measured(0.28), measured(0.22)),
                measured(0.7),
                measured(0.002),
                UNSET,
                UNSET,
                List.of(),
                List.of(),
                List.of(),
                false,
                false,
                false,
                "");
        return GOOD.withFitOut(GOOD.fitOut().withBoxes(List.of(change.apply(box))));
    }

    /** The display works in the tight box, in air of so many degrees. */
    static Rig shutOverTheDisplay(double airC) {
        Rig shut = boxed(box -> box.withTight(true));
        String display = shut.devices().get(0).id();
        return shut.with(shut.placeOf(display).orElseThrow().withStation("stern-well"))
                .withOuting(shut.outing().withAirC(measured(airC)));
    }

    static Exit exit(BaseEdge wall, boolean sealed) {
        return new Exit(
                "exit",
                "cable exit",
                wall,
                measured(0.18),
                measured(0.016),
                PassThrough.GROMMET,
                sealed,
                ExitUse.CABLES,
                false);
    }

    static BoardPart part(double lengthM, double wideM, boolean turns) {
        return new BoardPart("side", "side", chosen(lengthM), chosen(wideM), 1, turns);
    }

    static Rig boards(Figure stockM, BoardPart part) {
        return GOOD.withFitOut(GOOD.fitOut()
                .withBoards(new Boards(stockM, rated(0.2), rated(0.018), UNSET, UNSET, List.of(part), Figure.UNSET)));
    }

    /** Fasteners of 5 mm through 12 mm into 25 mm. */
    private static Rig screwed(FastenerKind kind, double lengthM, UnaryOperator<Fastener> change) {
        Fastener screw = Fastener.unknown("screws", "screws", "", 2)
                .with(each -> each.kind(kind)
                        .widthM(measured(0.005))
                        .lengthM(measured(lengthM))
                        .passesM(measured(0.012))
                        .bitesM(measured(0.025)));
        return GOOD.withFitOut(GOOD.fitOut().withFasteners(List.of(change.apply(screw))));
    }

    private static Rig sharpTube() {
        Rig tube = tube(PassThrough.NONE, 0.030, UNSET);
        return tube.withCraft(tube.craft()
                .withPassages(tube.craft().passages().stream()
                        .map(each -> each.withOpening(each.opening().withSharp(true)))
                        .toList()));
    }

    /** Ten metres between two displays that stand side by side. */
    private static Rig longDataLead() {
        Rig gannet = DemoRigs.gannet();
        DataLead lead = gannet.network().leads().get(0);
        return gannet.withNetwork(gannet.network().withLeads(List.of(lead.withLengthM(measured(10)))));
    }
}
