package app.brightkeel.core.demo;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.rig.Angler;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Grip;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Limits;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Note;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackLabel;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Supply;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Use;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import app.brightkeel.core.rig.Wire;
import java.util.List;
import java.util.Set;

/** The invented rigs. */
public final class DemoRigs {

    private DemoRigs() {}

    /** All of them, in the order of the shelf. */
    public static List<Rig> all() {
        return List.of(
                oystercatcher(),
                lanternCrate(),
                sandpiper(),
                gannet(),
                reedling(),
                kittiwake(),
                bittern(),
                kittiwakeKayak());
    }

    /** The kayak of the crate: two stations of one display. */
    public static Rig kittiwakeKayak() {
        return KittiwakeKayak.rig();
    }

    /** A kayak's display on a sled in December. */
    public static Rig kittiwake() {
        return Kittiwake.rig();
    }

    /** A canoe along the reeds that shares its bar and box with another one. */
    public static Rig bittern() {
        return Bittern.rig();
    }

    /** A pram on a canal, its battery in a pod of boards. */
    public static Rig reedling() {
        return Reedling.rig();
    }

    /** A two-seat inflatable on a reservoir, everything in one dry bag. */
    public static Rig sandpiper() {
        return Sandpiper.rig();
    }

    /** A sit-on-top on an autumn estuary: its thin supply lead loses 3.4-3.5 %. */
    public static Rig oystercatcher() {
        Device display = new Device(
                "display",
                "7-in chirp display",
                DeviceKind.DISPLAY_7_IN,
                "display-7-in-chirp",
                new Draw.Split(Figure.rated(8.5), Figure.rated(6.5)),
                new Limits(Figure.rated(10), Figure.rated(18), Figure.rated(5), Figure.UNSET),
                Supply.UNKNOWN,
                DemoGear.sockets("display-7-in-chirp"),
                Figure.rated(0.9),
                DemoGear.device("display-7-in-chirp").size(),
                Figure.measured(0.006),
                DemoGear.device("display-7-in-chirp").fixing());
        Pack pack = Pack.labelled("pack", "12 Ah LiFePO4", Chemistry.LIFEPO4, Figure.rated(12))
                .withOrigin("lifepo4-12")
                .withMassKg(Figure.rated(1.5))
                .withSize(DemoGear.size(0.151, 0.098, 0.095))
                .withMaxDischargeA(Figure.rated(12));
        Transducer transducer = DemoGear.transducer("chirp-24", "transducer")
                .withMount(new Mount(MountKind.SCUPPER, "scupper-aft-left", Figure.measured(0.02), Figure.UNSET));
        Segment lead = new Segment(
                "lead",
                "supply lead",
                pack.id(),
                display.id(),
                Wire.pair(new Gauge.Awg(22), Figure.measured(3.2)).withTwisted(true),
                List.of(fuse(5, 0.10), new Fitting.Joint("plug", "quick plug", Figure.measured(0.002))));
        return Rig.blank("Oystercatcher, estuary autumn", CraftKind.UNDECIDED)
                .with(rig -> rig.outing(new Outing(
                                Figure.chosen(11),
                                Water.of(WaterKind.BRACKISH, Season.AUTUMN, Motion.DRIFTING, 2, 9)
                                        .withStyle(FishingStyle.DRIFT)
                                        .withWaterC(Figure.measured(11)),
                                List.of(new Phase(
                                        "tide",
                                        "around the tide",
                                        Figure.chosen(6),
                                        List.of(new Use(display.id(), Figure.chosen(0.8), Figure.chosen(1)))))))
                        .angler(new Angler(Figure.measured(82), Figure.chosen(6)))
                        .craft(batteryToTheRight(DemoGear.craft("sit-on-top-3-9")))
                        .transducers(List.of(transducer))
                        .devices(List.of(display))
                        .harness(new Harness(List.of(pack), List.of(), List.of(lead)))
                        .runs(List.of(
                                Run.along(
                                                "sonar-run",
                                                transducer.id(),
                                                List.of(
                                                        "up-aft-left",
                                                        "deck-to-stern-hatch",
                                                        "stern-lip",
                                                        "keel-way",
                                                        "bow-lip",
                                                        "bow-to-rail-left"))
                                        .withMovingM(Figure.measured(0.35)),
                                Run.along(
                                        "supply-run",
                                        lead.id(),
                                        List.of("well-to-stern-hatch", "stern-lip", "port-left", "foot-to-rail-left"))))
                        .places(List.of(
                                new Placement(display.id(), "rail-left", true),
                                new Placement(pack.id(), "stern-well", true)))
                        .holders(List.of(DemoGear.cradle(display.id(), Grip.TRACK)))
                        .schools(Schools.UNDECIDED.withDrilling(Schools.Drilling.NO_DRILL))
                        // the lead came with the display: it is to be another anyway
                        .quieted(Set.of("wire.not-tinned"))
                        .notes(List.of(
                                new Note(lead.id(), "Came with the display; a thicker pair lies in the garage."))));
    }

    /** A crate on the ice: its third-winter battery does not last the cold day. */
    public static Rig lanternCrate() {
        Device display = new Device(
                "display",
                "5-in display",
                DeviceKind.DISPLAY_5_IN,
                "display-5-in",
                new Draw.Split(Figure.rated(5), Figure.rated(3)),
                new Limits(Figure.rated(10), Figure.rated(18), Figure.rated(3), Figure.UNSET),
                DemoGear.sockets("display-5-in"),
                Figure.rated(0.5));
        Pack pack = Pack.labelled("pack", "9 Ah AGM, third winter", Chemistry.AGM, Figure.rated(9))
                .withOrigin("agm-9")
                .withAge(Figure.measured(0.86))
                .withDepth(Figure.chosen(0.5))
                .withMassKg(Figure.rated(2.7))
                .withSize(DemoGear.size(0.151, 0.065, 0.096))
                .withEnding(Ending.of(Ending.Terminal.TAB_4_8, Ending.Half.UNDECIDED));
        Transducer transducer = DemoGear.transducer("ice-10-22", "transducer")
                .withMount(new Mount(MountKind.ICE_FLOAT, "hole", Figure.measured(0.45), Figure.measured(0.20)))
                .withInUse("wide");
        Segment lead = new Segment(
                "lead",
                "supply lead",
                pack.id(),
                display.id(),
                Wire.pair(new Gauge.Awg(20), Figure.measured(1.2)),
                List.of(fuse(3, 0.06), new Fitting.Switch("switch", "rocker switch", Figure.UNSET)),
                Ending.of(Ending.Terminal.TAB_4_8, Ending.Half.UNDECIDED),
                Ending.UNKNOWN);
        return Rig.blank("Lantern crate, high tarn", CraftKind.UNDECIDED)
                .with(rig -> rig.outing(new Outing(
                                Figure.chosen(-14),
                                Water.of(WaterKind.FRESH, Season.ICE, Motion.STILL, 14, 38)
                                        .withStyle(FishingStyle.ICE_JIG)
                                        .withIceM(Figure.measured(0.35)),
                                List.of(new Phase(
                                        "jigging",
                                        "jigging for char",
                                        Figure.chosen(5),
                                        List.of(new Use(display.id(), Figure.chosen(1), Figure.chosen(1)))))))
                        .craft(DemoGear.craft("ice-sled"))
                        .transducers(List.of(transducer))
                        .devices(List.of(display))
                        .harness(new Harness(List.of(pack), List.of(), List.of(lead)))
                        .runs(List.of(
                                Run.along("sonar-run", transducer.id(), List.of("hole-to-rim", "rim-to-arm")),
                                Run.along("supply-run", lead.id(), List.of("floor-right-to-rim", "rim-to-arm"))
                                        .withLoopM(Figure.chosen(0.3))))
                        .places(List.of(
                                new Placement(display.id(), "arm-left", true),
                                new Placement(pack.id(), "floor-right", true)))
                        .holders(List.of(DemoGear.cradle(display.id(), Grip.TUBE)))
                        .onHand(List.of(Pack.labelled(
                                        "kayak-pack", "10 Ah LiFePO4 of the kayak", Chemistry.LIFEPO4, Figure.rated(10))
                                .withOrigin("lifepo4-10")
                                .withMassKg(Figure.measured(1.25))
                                .withSize(DemoGear.size(0.151, 0.065, 0.100))
                                .withMaxDischargeA(Figure.rated(10))
                                .withLabel(PackLabel.UNKNOWN.withPrice(Figure.chosen(0)))))
                        .chargers(List.of(new Charger(
                                "charger",
                                "small lead charger",
                                Chemistry.AGM,
                                1,
                                Figure.rated(1),
                                pack.id(),
                                "",
                                false,
                                Ending.of(Ending.Terminal.CLIP, Ending.Half.UNDECIDED))))
                        .notes(List.of(new Note(pack.id(), "Left over from the alarm system, was free."))));
    }

    /** A pedal kayak on a deep fjord with two screens and a live head. */
    public static Rig gannet() {
        return Gannet.rig();
    }

    /** It stands in the right half of the well, against the display on the left rail. */
    private static Craft batteryToTheRight(Craft craft) {
        return craft.with(craft.station("stern-well").orElseThrow().withSideM(Figure.chosen(0.12)));
    }

    private static Fitting.Fuse fuse(double ratingA, double atM) {
        return new Fitting.Fuse(
                "fuse", "main fuse", Figure.rated(ratingA), Fitting.Form.BLADE, Figure.measured(atM), Figure.UNSET);
    }
}
