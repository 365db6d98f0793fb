package app.brightkeel.core.demo;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Angler;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.FastenerKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Grip;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Material;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Note;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Sharing;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Transport;
import app.brightkeel.core.rig.TrialRun;
import app.brightkeel.core.rig.Use;
import app.brightkeel.core.rig.WantedView;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import app.brightkeel.core.rig.Wire;
import java.util.List;
import java.util.Set;

/**
 * Two canoes share a bar and a box: the screws of the box's lid hook go into the battery, which was bought second-hand and never
 * tested; the lead wraps round the sharp gunwale; and all of it ran shorter than its labels say.
 */
final class Bittern {

    private Bittern() {}

    static Rig rig() {
        Device display = DemoGear.device("display-7-in").withId("display").withTextM(Figure.measured(0.006));
        Pack pack = Pack.labelled("pack", "second-hand 12 Ah LiFePO4", Chemistry.LIFEPO4, Figure.rated(12))
                .with(p -> p.origin("lifepo4-12")
                        .massKg(Figure.measured(1.5))
                        .size(DemoGear.size(0.151, 0.098, 0.095))
                        .maxDischargeA(Figure.rated(12))
                        .label(p.label().withSecondHand(true)));
        Transducer transducer = DemoGear.transducer("cone-20-60", "transducer")
                .withMount(new Mount(MountKind.CLAMP_BAR, "arm-left", Figure.measured(0.03), Figure.UNSET)
                        .withOtherEdgeM(Figure.measured(0.06)))
                .withInUse("narrow");
        return Rig.blank("Bittern, reed-bed canoe", CraftKind.UNDECIDED)
                .with(rig -> rig.outing(new Outing(
                                        Figure.chosen(14),
                                        Water.of(WaterKind.FRESH, Season.SPRING, Motion.DRIFTING, 1.5, 7)
                                                .withStyle(FishingStyle.DRIFT)
                                                .withWaterC(Figure.measured(12)),
                                        List.of(new Phase(
                                                "day",
                                                "along the reeds",
                                                Figure.chosen(6),
                                                List.of(new Use(display.id(), Figure.chosen(0.8), Figure.chosen(1))))))
                                .with(day -> day.daysOut(Figure.chosen(25))
                                        .views(List.of(WantedView.DOWN, WantedView.TEMPERATURE))
                                        .ran(List.of(new TrialRun(
                                                Figure.measured(11.5), Figure.measured(0.8), Figure.measured(12))))))
                        .angler(new Angler(Figure.measured(77), Figure.chosen(9)))
                        .craft(craft())
                        .transducers(List.of(transducer))
                        .devices(List.of(display))
                        .holders(List.of(DemoGear.held("edge-clamp", display.id())))
                        .harness(new Harness(List.of(pack), List.of(), List.of(lead(pack.id(), display.id()))))
                        .runs(List.of(
                                Run.along("sonar-run", transducer.id(), List.of("arm-left-to-thwart")),
                                Run.along("supply-run", "lead", List.of("floor-to-thwart"))))
                        .places(List.of(
                                new Placement(display.id(), "thwart", true),
                                new Placement(
                                        pack.id(),
                                        "floor",
                                        true,
                                        Held.UNKNOWN.with(h -> h.how(Holding.SLOT)
                                                .covered(true)
                                                .toolFree(true)
                                                .tried(DemoGear.size(0.151, 0.098, 0.095))),
                                        Figure.measured(1))))
                        .chargers(List.of(new Charger(
                                "charger",
                                "lithium charger",
                                Chemistry.LIFEPO4,
                                1,
                                Figure.rated(4),
                                pack.id(),
                                "",
                                false,
                                Ending.UNKNOWN)))
                        .sharing(new Sharing(Transport.BY_HAND, Figure.chosen(2), Figure.chosen(2)))
                        .fitOut(FitOut.NONE.with(all -> all.boxes(List.of(box()))
                                .extras(List.of(DemoGear.extra(ExtraKind.TETHER, transducer.id(), "clamp bar")))
                                .fasteners(List.of(hookScrews()))))
                        // the paddle is worked on the right, and nothing swims high among the reeds
                        .quieted(Set.of("mount.fouls", "transducer.blind-top"))
                        .notes(List.of(new Note("hook-screws", "Came with the hook; not tried for length."))));
    }

    /** Its gunwales are of sheet metal: something to clamp to, and an edge that cuts. */
    private static Craft craft() {
        Craft craft = DemoGear.craft("canoe-4-9");
        Passage over = craft.passage("arm-left-to-thwart").orElseThrow();
        return craft.with(craft.station("arm-left").orElseThrow().withOffers(List.of(Grip.EDGE)))
                .with(over.withOpening(over.opening().withSharp(true)));
    }

    private static Enclosure box() {
        Enclosure item = DemoGear.box("dry-box-6");
        return item.with(box -> box.id("box").station("floor").clearM(Figure.chosen(0.003)));
    }

    private static Fastener hookScrews() {
        return Fastener.unknown("hook-screws", "screws of the hook on the lid", "box", 2)
                .with(screw -> screw.kind(FastenerKind.PLASTIC_SCREW)
                        .widthM(Figure.rated(0.0035))
                        .lengthM(Figure.rated(0.025))
                        .passesM(Figure.measured(0.002))
                        .bitesM(Figure.measured(0.009))
                        .behindM(Figure.measured(0.008))
                        .stuff(Material.SOFT_PLASTIC)
                        .supplied(2));
    }

    private static Segment lead(String pack, String display) {
        return new Segment(
                "lead",
                "supply lead",
                pack,
                display,
                Wire.pair(new Gauge.Awg(16), Figure.measured(1.6))
                        .with(wire -> wire.tinned(true).twisted(true)),
                List.of(new Fitting.Fuse(
                        "fuse",
                        "main fuse",
                        Figure.rated(3),
                        Fitting.Form.BLADE,
                        Figure.measured(0.10),
                        Figure.UNSET,
                        Figure.measured(2))));
    }
}
