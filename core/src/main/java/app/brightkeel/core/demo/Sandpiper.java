package app.brightkeel.core.demo;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Angler;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Holder;
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
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Use;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import app.brightkeel.core.rig.Way;
import app.brightkeel.core.rig.Wire;
import app.brightkeel.core.rig.Zone;
import java.util.ArrayList;
import java.util.List;

/** A two-seat inflatable: a bag too small for its pack, no fuse before the plug, a holder of two sizes of ball. */
final class Sandpiper {

    private Sandpiper() {}

    static Rig rig() {
        Device display = DemoGear.device("display-5-in")
                .withId("display")
                .with(d -> d.limits(d.limits().withMinV(Figure.rated(10))).textM(Figure.measured(0.006)));
        Pack pack = Pack.labelled("pack", "3S NMC, 10 Ah", Chemistry.NMC, Figure.rated(10))
                .withMassKg(Figure.measured(0.62))
                .withSize(DemoGear.size(0.16, 0.075, 0.07))
                .withDepth(Figure.chosen(0.8))
                .withMaxDischargeA(Figure.rated(10));
        Transducer transducer = DemoGear.transducer("cone-20", "transducer")
                .withMount(new Mount(MountKind.TRANSOM_BOARD, "transom", Figure.measured(0.015), Figure.UNSET));
        Segment lead = new Segment(
                "lead",
                "lead out of the bag",
                pack.id(),
                display.id(),
                Wire.pair(new Gauge.Awg(16), Figure.measured(1.4))
                        .with(wire -> wire.tinned(true).twisted(true)),
                List.of());
        return Rig.blank("Sandpiper, reservoir evenings", CraftKind.UNDECIDED)
                .with(rig -> rig.outing(new Outing(
                                Figure.chosen(18),
                                Water.of(WaterKind.FRESH, Season.SUMMER, Motion.DRIFTING, 4, 15)
                                        .withStyle(FishingStyle.DRIFT)
                                        .withFishM(Figure.chosen(0.3))
                                        .withWaterC(Figure.measured(18)),
                                List.of(new Phase(
                                        "evening",
                                        "the evening",
                                        Figure.chosen(3.5),
                                        List.of(new Use(display.id(), Figure.chosen(0.7), Figure.chosen(1)))))))
                        .angler(new Angler(Figure.measured(74), Figure.chosen(7)))
                        .craft(craft())
                        .transducers(List.of(transducer))
                        .devices(List.of(display))
                        .harness(new Harness(List.of(pack), List.of(), List.of(lead)))
                        .runs(List.of(
                                Run.along(
                                        "sonar-run",
                                        transducer.id(),
                                        List.of("over-transom", "under-seat", "floor-to-cross")),
                                Run.along("supply-run", lead.id(), List.of("bag-to-floor", "floor-to-cross"))))
                        .places(List.of(
                                new Placement(display.id(), "cross-tube", true),
                                new Placement(pack.id(), "dry-bag", true)))
                        .holders(List.of(holder(display.id())))
                        .fitOut(FitOut.NONE.withExtras(
                                List.of(DemoGear.extra(ExtraKind.TETHER, transducer.id(), "swing arm"))))
                        .notes(List.of(new Note("holder", "Base and arm came from two different boxes."))));
    }

    /** The usual inflatable with a small dry bag in front of the seat. */
    private static Craft craft() {
        Craft craft = DemoGear.craft("inflatable-3-3");
        List<Station> stations = new ArrayList<>(craft.stations());
        stations.add(new Station(
                "dry-bag",
                "dry bag on the floor",
                Spot.INSIDE_BOX,
                Figure.measured(1.62),
                Figure.measured(0.15),
                Figure.measured(0.10),
                DemoGear.size(0.17, 0.09, 0.09)));
        List<Passage> passages = new ArrayList<>(craft.passages());
        passages.add(new Passage(
                "bag-to-floor",
                "out of the rolled mouth of the bag",
                "dry-bag",
                "floor",
                Way.OPEN_DECK,
                Figure.measured(0.20),
                Figure.UNSET,
                false,
                Zone.NONE));
        return craft.with(c -> c.stations(stations).passages(passages));
    }

    private static Holder holder(String display) {
        return DemoGear.holder("ball-small")
                .with(h -> h.id("holder")
                        .holds(display)
                        .name("ball base with an arm")
                        .ballM(Figure.measured(0.038)));
    }
}
