package app.brightkeel.core.demo;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Angler;
import app.brightkeel.core.rig.Closure;
import app.brightkeel.core.rig.ClosureKind;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.DataLead;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
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
import app.brightkeel.core.rig.Handle;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.Material;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.NetworkPlan;
import app.brightkeel.core.rig.Note;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Seating;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Shared;
import app.brightkeel.core.rig.Supply;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Use;
import app.brightkeel.core.rig.WantedView;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import app.brightkeel.core.rig.Wire;
import java.util.List;

/** A pedal kayak on a fjord: its band does not reach the deepest it fishes, its keypad is of another family. */
final class Gannet {

    private Gannet() {}

    static Rig rig() {
        Device nine = DemoGear.device("display-9-in").withId("nine");
        Device five = DemoGear.device("display-5-in")
                .withId("five")
                .with(d -> d.limits(d.limits().withMinV(Figure.rated(10.8))).textM(Figure.measured(0.0075)));
        Device module = DemoGear.device("live-module")
                .withId("module")
                .withDraw(new Draw.Split(Figure.rated(25), Figure.rated(0)))
                .withSupply(Supply.UNKNOWN.withStartW(Figure.rated(75)));
        Device keypad = DemoGear.device("keypad-b").withId("keypad");
        Pack pack = Pack.labelled("pack", "50 Ah LiFePO4", Chemistry.LIFEPO4, Figure.rated(50))
                .withOrigin("lifepo4-50")
                .withMassKg(Figure.rated(6.0))
                .withSize(DemoGear.size(0.197, 0.166, 0.170))
                .withMaxDischargeA(Figure.rated(50))
                .withEnding(Ending.of(Ending.Terminal.QUICK_PLUG, Ending.Half.SHROUDED));
        return Rig.blank("Gannet, fjord pedal", CraftKind.UNDECIDED)
                .with(rig -> rig.outing(new Outing(
                                        Figure.chosen(8),
                                        Water.of(WaterKind.SEA, Season.SPRING, Motion.DRIFTING, 20, 90)
                                                .with(water -> water.style(FishingStyle.DRIFT)
                                                        .typicalM(Figure.chosen(45))
                                                        .fishM(Figure.chosen(6))
                                                        .fishLengthM(Figure.chosen(0.7))
                                                        .waterC(Figure.measured(8))),
                                        List.of(
                                                phase("out", "pedalling out", 1, 0.7, 0),
                                                phase("fishing", "fishing the slopes", 6, 0.8, 0.8),
                                                phase("back", "pedalling back", 1, 0.7, 0)))
                                .withViews(List.of(WantedView.DOWN_PICTURE, WantedView.AHEAD)))
                        .angler(new Angler(Figure.measured(85), Figure.chosen(9)))
                        .craft(craft())
                        .transducers(List.of(sonar(), head()))
                        .devices(List.of(nine, five, module, keypad))
                        .harness(new Harness(
                                List.of(pack),
                                List.of(new Junction(
                                        "block", "fuse block", Junction.Meeting.BLOCK, Figure.rated(6), true)),
                                segments(),
                                List.of(spare())))
                        .runs(List.of(
                                Run.along(
                                        "sonar-run",
                                        "sonar",
                                        List.of("through-hull", "keel-way", "bow-lip", "bow-to-rail-right")),
                                Run.along("head-run", "head", List.of("arm-to-rail-right", "bow-to-rail-right")),
                                Run.along("network-run", "network-lead", List.of("bow-to-rail-right")),
                                Run.along(
                                        "keypad-run",
                                        "keypad-cable",
                                        List.of("foot-to-rail-left", "port-left", "bow-lip", "bow-to-rail-right")),
                                Run.along(
                                        "trunk-run", "trunk", List.of("well-to-stern-hatch", "stern-lip", "keel-way")),
                                Run.along("nine-run", "nine-lead", List.of("bow-lip", "bow-to-rail-right")),
                                Run.along("five-run", "five-lead", List.of("bow-lip", "bow-to-console")),
                                Run.along("module-run", "module-lead", List.of("bow-lip")),
                                Run.along(
                                        "keypad-supply-run", "keypad-lead", List.of("port-left", "foot-to-rail-left"))))
                        .places(List.of(
                                new Placement("nine", "rail-right", true),
                                new Placement("five", "console", true),
                                new Placement("module", "bow-hatch", false),
                                new Placement("keypad", "rail-left", true),
                                new Placement("pack", "stern-well", true),
                                new Placement("block", "hull-fore", false)))
                        .fitOut(FitOut.NONE.with(fit -> fit.extras(List.of(
                                        DemoGear.extra(ExtraKind.TETHER, "head", "pole"),
                                        DemoGear.extra(ExtraKind.COVER, "nine", "nine"),
                                        DemoGear.extra(ExtraKind.DUST_CAP, "nine", "nine")))
                                .fasteners(List.of(plateScrews()))
                                .closures(List.of(plate(), seat()))))
                        .holders(List.of(DemoGear.cradle("nine", Grip.TRACK), DemoGear.cradle("five", Grip.TRACK)))
                        .network(new NetworkPlan(
                                List.of(Shared.READINGS),
                                Figure.measured(2),
                                List.of(
                                        new DataLead(
                                                "network-lead",
                                                "network lead of the module",
                                                "module",
                                                "nine",
                                                Figure.rated(1.8),
                                                Figure.measured(0.016)),
                                        new DataLead(
                                                "keypad-cable",
                                                "cable of the keypad",
                                                "keypad",
                                                "nine",
                                                Figure.rated(3),
                                                Figure.measured(0.016)))))
                        .notes(List.of(new Note("keypad", "Second-hand, from another make of screen."))));
    }

    /** Over the way into the hull; it was off once already, and a screw went overboard. */
    private static Closure plate() {
        return Closure.blank("stern-plate", "plate of the stern hatch")
                .with(each -> each.kind(ClosureKind.PLATE)
                        .stations(List.of("stern-hatch", "hull-aft"))
                        .seating(Seating.FLUSH)
                        .there(true)
                        .gasket(true));
    }

    /** Its rear feet stand on the plate. */
    private static Closure seat() {
        return Closure.blank("seat", "seat")
                .with(each -> each.kind(ClosureKind.SEAT)
                        .parts(List.of("stern-plate"))
                        .seating(Seating.LOCKED)
                        .there(true)
                        .under("the rudder cord is tied again"));
    }

    private static Fastener plateScrews() {
        return Fastener.unknown("plate-screws", "screws of the plate", "stern-plate", 6)
                .with(screw -> screw.kind(FastenerKind.MACHINE_SCREW)
                        .widthM(Figure.rated(0.004))
                        .lengthM(Figure.rated(0.012))
                        .passesM(Figure.measured(0.003))
                        .bitesM(Figure.measured(0.010))
                        .stuff(Material.SOFT_PLASTIC)
                        .supplied(5)
                        .tried(true));
    }

    private static Phase phase(String id, String name, double hours, double brightness, double module) {
        return new Phase(
                id,
                name,
                Figure.chosen(hours),
                List.of(
                        new Use("nine", Figure.chosen(brightness), Figure.chosen(1)),
                        new Use("five", Figure.chosen(brightness), Figure.chosen(1)),
                        new Use("module", Figure.UNSET, Figure.chosen(module)),
                        new Use("keypad", Figure.UNSET, Figure.chosen(1))));
    }

    private static Craft craft() {
        return DemoGear.craft("pedal-4-2");
    }

    private static Transducer sonar() {
        return DemoGear.transducer("line-455-800", "sonar")
                .with(t -> t.inUse("low")
                        .feeds("nine")
                        .plug(t.plug().withPins(Figure.rated(12)))
                        .mount(new Mount(
                                MountKind.HULL_POCKET, "pocket", Figure.measured(-0.01), Figure.measured(0.12))));
    }

    private static Transducer head() {
        return DemoGear.transducer("live-130", "head")
                .with(t -> t.look(Look.FORWARD)
                        .handle(Handle.ALONG)
                        .feeds("module")
                        .mount(new Mount(MountKind.LIVE_POLE, "arm-right", Figure.chosen(0.3), Figure.UNSET)));
    }

    private static List<Segment> segments() {
        return List.of(
                new Segment(
                        "trunk",
                        "shared trunk",
                        "pack",
                        "block",
                        twisted(20, 3),
                        List.of(new Fitting.Fuse(
                                "main",
                                "main fuse",
                                Figure.rated(10),
                                Fitting.Form.STRIP,
                                Figure.measured(0.12),
                                Figure.UNSET)),
                        Ending.of(Ending.Terminal.QUICK_PLUG, Ending.Half.OPEN_PINS),
                        Ending.UNKNOWN),
                branch("nine", 18, 2.0, 5),
                branch("five", 18, 1.2, 3),
                branch("module", 18, 0.8, 5),
                branch("keypad", 18, 1.5, 1));
    }

    /** Quiet beside the transducer's lead, with which it shares the hull. */
    private static Wire twisted(int awg, double lengthM) {
        return Wire.pair(new Gauge.Awg(awg), Figure.measured(lengthM))
                .with(wire -> wire.tinned(true).twisted(true));
    }

    /** Made up at home, with the wrong half of the plug. */
    private static Segment spare() {
        return new Segment(
                "spare-lead",
                "spare supply lead",
                "pack",
                "five",
                Wire.pair(new Gauge.Awg(18), Figure.measured(2.5)).withTinned(true),
                List.of(new Fitting.Fuse(
                        "spare-fuse",
                        "fuse of the spare",
                        Figure.rated(3),
                        Fitting.Form.BLADE,
                        Figure.measured(0.1),
                        Figure.UNSET,
                        Figure.chosen(1))),
                Ending.of(Ending.Terminal.QUICK_PLUG, Ending.Half.SHROUDED),
                Ending.UNKNOWN);
    }

    private static Segment branch(String device, int awg, double lengthM, double fuseA) {
        return new Segment(
                device + "-lead",
                "lead of the " + device,
                "block",
                device,
                twisted(awg, lengthM),
                List.of(new Fitting.Fuse(
                        device + "-fuse",
                        "fuse of the " + device,
                        Figure.rated(fuseA),
                        Fitting.Form.BLADE,
                        Figure.measured(0.05),
                        Figure.UNSET)));
    }
}
