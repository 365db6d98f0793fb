package app.brightkeel.core.demo;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Note;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Pack;
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

/** A kayak's display on a sled in December: nothing holds it there, and the spare lead has the wrong half of the plug. */
final class Kittiwake {

    private Kittiwake() {}

    static Rig rig() {
        Device display = DemoGear.device("display-5-in").withId("display").withTextM(Figure.measured(0.006));
        Ending plug = Ending.of(Ending.Terminal.QUICK_PLUG, Ending.Half.SHROUDED);
        Pack pack = Pack.labelled("pack", "10 Ah LiFePO4 of the kayak", Chemistry.LIFEPO4, Figure.rated(10))
                .with(p -> p.origin("lifepo4-10")
                        .massKg(Figure.measured(1.25))
                        .size(DemoGear.size(0.151, 0.065, 0.100))
                        .maxDischargeA(Figure.rated(10))
                        .ending(plug)
                        .keeping(p.keeping()
                                .with(k -> k.restsFrom("2027-03-20")
                                        .restsTo("2027-05-08")
                                        .storedC(Figure.measured(18)))));
        Transducer transducer = DemoGear.transducer("ice-10-22", "transducer")
                .withMount(new Mount(MountKind.ICE_FLOAT, "hole-back", Figure.measured(0.40), Figure.measured(0.20)))
                .withInUse("narrow");
        return Rig.blank("Kittiwake to crate", CraftKind.UNDECIDED)
                .with(rig -> rig.outing(new Outing(
                                Figure.chosen(-6),
                                Water.of(WaterKind.FRESH, Season.ICE, Motion.STILL, 8, 22)
                                        .withStyle(FishingStyle.ICE_JIG)
                                        .withIceM(Figure.measured(0.25)),
                                List.of(new Phase(
                                        "morning",
                                        "the morning",
                                        Figure.chosen(5),
                                        List.of(new Use(display.id(), Figure.chosen(0.8), Figure.chosen(1)))))))
                        .craft(DemoGear.craft("ice-sled"))
                        .transducers(List.of(transducer))
                        .devices(List.of(display))
                        .harness(new Harness(
                                        List.of(pack), List.of(), List.of(lead("supply lead", pack, display.id(), 1.4)))
                                .withSpares(List.of(spare(pack.id(), display.id()))))
                        .runs(List.of(
                                Run.along("sonar-run", transducer.id(), List.of("hole-to-back")),
                                Run.along("supply-run", "lead", List.of("floor-right-to-back"))))
                        .places(List.of(
                                new Placement(display.id(), "rim-back", true),
                                new Placement(pack.id(), "floor-right", true)))
                        .chargers(List.of(new Charger(
                                "charger",
                                "charger of the kayak",
                                Chemistry.LIFEPO4,
                                1,
                                Figure.rated(4),
                                pack.id(),
                                "",
                                false,
                                Ending.of(Ending.Terminal.QUICK_PLUG, Ending.Half.OPEN_PINS))))
                        .sharing(new Sharing(Transport.BY_HAND, Figure.chosen(2), Figure.chosen(1)))
                        .purse(new Purse(
                                Figure.chosen(160),
                                List.of(
                                        new Purchase(
                                                display.id(), "", display.origin(), Having.OWNED, Figure.UNSET, ""),
                                        new Purchase(pack.id(), "", pack.origin(), Having.OWNED, Figure.UNSET, ""),
                                        new Purchase(
                                                transducer.id(),
                                                "",
                                                transducer.origin(),
                                                Having.BUY,
                                                Figure.chosen(110),
                                                ""))))
                        .notes(List.of(new Note(
                                "spare-lead", "Was made for the stern of the kayak: its plug is the other half."))));
    }

    /** A tinned pair of 18 AWG with its fuse near the battery, as both stations have it. */
    static Segment lead(String name, Pack pack, String display, double lengthM) {
        return new Segment(
                "lead",
                name,
                pack.id(),
                display,
                pair(lengthM),
                List.of(fuse("fuse", "main fuse").withSpares(Figure.measured(2))),
                Ending.of(pack.ending().terminal(), Ending.Half.OPEN_PINS),
                Ending.UNKNOWN);
    }

    private static Segment spare(String pack, String display) {
        return new Segment(
                "spare-lead",
                "spare lead of the kayak",
                pack,
                display,
                pair(2.2),
                List.of(fuse("spare-fuse", "fuse of the spare")),
                Ending.of(Ending.Terminal.QUICK_PLUG, Ending.Half.SHROUDED),
                Ending.UNKNOWN);
    }

    private static Wire pair(double lengthM) {
        return Wire.pair(new Gauge.Awg(18), Figure.measured(lengthM)).withTinned(true);
    }

    private static Fitting.Fuse fuse(String id, String name) {
        return new Fitting.Fuse(id, name, Figure.rated(3), Fitting.Form.BLADE, Figure.measured(0.08), Figure.UNSET);
    }
}
