package app.brightkeel.core.demo;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Angler;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Exit;
import app.brightkeel.core.rig.ExitUse;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.FastenerKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Material;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Note;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.PassThroughStock;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Purse;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Sharing;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Transport;
import app.brightkeel.core.rig.Use;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import app.brightkeel.core.rig.Wire;
import java.util.List;
import java.util.Set;

/** A pram on a canal by night: its battery lies on its side, a rail of its pod is longer than the board. */
final class Reedling {

    private Reedling() {}

    static Rig rig() {
        Device display =
                DemoGear.device("display-7-in-chirp").with(d -> d.id("display").textM(Figure.measured(0.007)));
        Pack pack = Pack.labelled("pack", "20 Ah flooded lead", Chemistry.FLOODED, Figure.rated(20))
                .withMassKg(Figure.measured(6.3))
                .withSize(DemoGear.size(0.187, 0.128, 0.170))
                .withMaxDischargeA(Figure.rated(200))
                .withEnding(Ending.of(Ending.Terminal.POST, Ending.Half.UNDECIDED));
        Transducer transducer = DemoGear.transducer("chirp-16", "transducer")
                .withMount(new Mount(MountKind.TRANSOM_BOARD, "transom", Figure.measured(0.02), Figure.UNSET));
        return Rig.blank("Reedling, canal pram", CraftKind.UNDECIDED)
                .with(rig -> rig.outing(new Outing(
                                Figure.chosen(12),
                                Water.of(WaterKind.FRESH, Season.SUMMER, Motion.STILL, 1, 4)
                                        .with(water -> water.style(FishingStyle.VERTICAL)
                                                .typicalM(Figure.chosen(2))
                                                .slopeDeg(Figure.measured(25))
                                                .fishM(Figure.chosen(0.15))
                                                .waterC(Figure.measured(17))),
                                List.of(new Phase(
                                        "night",
                                        "the night",
                                        Figure.chosen(7),
                                        List.of(new Use(display.id(), Figure.chosen(0.3), Figure.chosen(1)))))))
                        .angler(new Angler(Figure.measured(79), Figure.chosen(12)))
                        .craft(DemoGear.craft("pram-3-1"))
                        .transducers(List.of(transducer))
                        .devices(List.of(display))
                        .harness(new Harness(List.of(pack), List.of(), List.of(lead(pack.id(), display.id()))))
                        .runs(List.of(
                                Run.along(
                                        "sonar-run",
                                        transducer.id(),
                                        List.of("over-transom", "under-thwart", "floor-to-thwart")),
                                Run.along("supply-run", "lead", List.of("under-thwart", "floor-to-thwart"))))
                        .places(List.of(
                                new Placement(display.id(), "thwart", true),
                                new Placement(
                                        pack.id(),
                                        "floor-aft",
                                        true,
                                        Held.UNKNOWN.with(h -> h.how(Holding.SLOT)
                                                .covered(true)
                                                .toolFree(true)
                                                .onSide(true)),
                                        Figure.measured(3))))
                        .holders(List.of(DemoGear.held("edge-clamp", display.id())))
                        .chargers(List.of(new Charger(
                                "charger",
                                "lead charger",
                                Chemistry.FLOODED,
                                1,
                                Figure.rated(4),
                                pack.id(),
                                "",
                                false,
                                Ending.of(Ending.Terminal.POST, Ending.Half.UNDECIDED))))
                        .fitOut(new FitOut(
                                List.of(),
                                List.of(new PassThroughStock(PassThrough.GROMMET, 2)),
                                List.of(pod()),
                                boards(),
                                List.of(
                                        DemoGear.extra(ExtraKind.TETHER, transducer.id(), "transducer"),
                                        DemoGear.extra(ExtraKind.TETHER, "pod", "pod")),
                                List.of(boardScrews(transducer.id()), podScrews()),
                                List.of()))
                        .sharing(new Sharing(Transport.TRAILER, Figure.chosen(1), Figure.chosen(2)))
                        .purse(new Purse(
                                Figure.chosen(250),
                                List.of(
                                        new Purchase(
                                                display.id(), "", display.origin(), Having.OWNED, Figure.UNSET, ""),
                                        new Purchase(
                                                transducer.id(),
                                                "",
                                                transducer.origin(),
                                                Having.BUY,
                                                Figure.chosen(95),
                                                ""))))
                        .quieted(Set.of("transducer.blind-top"))
                        .notes(List.of(new Note("pod", "The slot was made for the old battery, which was lower."))));
    }

    private static Segment lead(String pack, String display) {
        return new Segment(
                "lead",
                "supply lead",
                pack,
                display,
                Wire.pair(new Gauge.Awg(16), Figure.measured(2.4))
                        .with(wire -> wire.tinned(true).twisted(true)),
                List.of(
                        new Fitting.Fuse(
                                "fuse",
                                "main fuse",
                                Figure.rated(3),
                                Fitting.Form.BLADE,
                                Figure.measured(0.10),
                                Figure.UNSET),
                        new Fitting.Switch("switch", "rocker switch", Figure.UNSET)),
                Ending.of(Ending.Terminal.POST, Ending.Half.UNDECIDED),
                Ending.UNKNOWN);
    }

    /** It stands on the floor at the transom and carries the board for the transducer. */
    private static Enclosure pod() {
        return new Enclosure(
                "pod",
                "transom pod",
                EnclosureKind.POD,
                "floor-aft",
                DemoGear.size(0.30, 0.29, 0.27),
                Figure.measured(2.1),
                Figure.measured(0.018),
                Figure.chosen(0.003),
                Figure.measured(0.015),
                List.of(),
                List.of(new Exit(
                        "pod-exit",
                        "hole high in the front",
                        BaseEdge.FRONT,
                        Figure.measured(0.17),
                        Figure.measured(0.0159),
                        PassThrough.GROMMET,
                        false,
                        ExitUse.CABLES,
                        true)),
                List.of(),
                false,
                true,
                false,
                "");
    }

    /** Through the board into the transom, and not through that. */
    private static Fastener boardScrews(String transducer) {
        return Fastener.unknown("board-screws", "screws of the transom board", transducer, 2)
                .with(screw -> screw.kind(FastenerKind.WOOD_SCREW)
                        .widthM(Figure.rated(0.004))
                        .lengthM(Figure.rated(0.035))
                        .passesM(Figure.rated(0.018))
                        .bitesM(Figure.measured(0.022))
                        .stuff(Material.WOOD)
                        .tried(true));
    }

    /** Through a side into the edge of an end; they came with the hinge of another box. */
    private static Fastener podScrews() {
        return Fastener.unknown("pod-screws", "screws of the sides", "pod-side", 12)
                .with(screw -> screw.kind(FastenerKind.WOOD_SCREW)
                        .widthM(Figure.rated(0.0035))
                        .lengthM(Figure.rated(0.040))
                        .passesM(Figure.rated(0.018))
                        .bitesM(Figure.measured(0.060))
                        .stuff(Material.WOOD)
                        .supplied(12));
    }

    private static Boards boards() {
        return new Boards(
                Figure.rated(0.90),
                Figure.rated(0.30),
                Figure.rated(0.018),
                Figure.UNSET,
                Figure.UNSET,
                List.of(
                        part("pod-floor", "floor", 0.264, 0.254, 1),
                        part("pod-side", "side", 0.300, 0.270, 2),
                        part("pod-end", "end", 0.254, 0.252, 2),
                        part("pod-lid", "lid", 0.320, 0.298, 1),
                        part("pod-rail", "transom rail", 1.100, 0.080, 1),
                        part("pod-hook", "hook", 0.290, 0.120, 1)),
                Figure.UNSET);
    }

    private static BoardPart part(String id, String name, double lengthM, double wideM, int count) {
        return new BoardPart(id, name, Figure.chosen(lengthM), Figure.chosen(wideM), count, false);
    }
}
