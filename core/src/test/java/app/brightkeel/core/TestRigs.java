package app.brightkeel.core;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.rig.Angler;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Limits;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Sockets;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Use;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import app.brightkeel.core.rig.Weights;
import app.brightkeel.core.rig.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Rigs that tests start from. */
public final class TestRigs {

    private TestRigs() {}

    /** One display of given watts at full, on one pack, by one fused lead; everything on for the wanted hours. */
    public static Rig simple(Pack pack, double watts, double hours, double celsius) {
        Rig base = DemoRigs.lanternCrate();
        Device display = base.devices()
                .get(0)
                .withKind(DeviceKind.DISPLAY_7_IN)
                .withDraw(new Draw.Split(Figure.chosen(watts * 0.6), Figure.chosen(watts * 0.4)));
        return base.with(display)
                .withOuting(new Outing(
                        Figure.chosen(celsius),
                        base.outing().water(),
                        List.of(new Phase("day", "day", Figure.chosen(hours), List.of(on(display.id()))))))
                .withHarness(base.harness().withPacks(List.of(withSize(pack))));
    }

    private static Pack withSize(Pack pack) {
        return pack.size().known()
                ? pack
                : pack.withSize(new Size(Figure.rated(0.15), Figure.rated(0.1), Figure.rated(0.1)));
    }

    public static Pack pack(Chemistry chemistry, double ah) {
        return Pack.labelled("pack", "pack", chemistry, Figure.chosen(ah));
    }

    public static Use on(String device) {
        return new Use(device, Figure.chosen(1), Figure.chosen(1));
    }

    /** A display on one pack and a motor of 20 A on a bank of 36 V, each on a lead of its own with a fuse of 15 A. */
    public static Rig twoBanks() {
        Rig rig = simple(pack(Chemistry.LIFEPO4, 20), 10, 6, 15).withName("two banks");
        Device motor = rig.devices()
                .get(0)
                .withId("motor")
                .withName("motor")
                .withKind(DeviceKind.MOTOR)
                .withDraw(new Draw.Amps(Figure.rated(20), Figure.chosen(0)));
        Pack bank = withSize(pack(Chemistry.LIFEPO4, 100))
                .with(pack -> pack.id("bank").name("bank").blocks(3));
        Segment lead = lead("to-motor", "bank", "motor", new Gauge.Awg(10), 2, 15);
        List<Segment> segments = Stream.concat(rig.harness().segments().stream(), Stream.of(lead))
                .toList();
        return rig.withDevices(List.of(rig.devices().get(0), motor))
                .withHarness(rig.harness()
                        .with(harness -> harness.packs(
                                        List.of(rig.harness().packs().get(0), bank))
                                .segments(segments)))
                .withOuting(rig.outing()
                        .withPhases(List.of(new Phase(
                                "day",
                                "day",
                                Figure.chosen(6),
                                List.of(on(rig.devices().get(0).id()), on("motor"))))));
    }

    /** Two displays and a live module on two packs through a block: several phases, joints, a switch. */
    public static Rig twoScreens() {
        Limits limits = new Limits(Figure.rated(10.8), Figure.rated(17), Figure.rated(7.5), Figure.rated(0.5));
        Device nine = new Device(
                "nine",
                "9-in display",
                DeviceKind.DISPLAY_9_IN,
                "",
                new Draw.Split(Figure.rated(11), Figure.rated(9)),
                limits,
                Sockets.UNKNOWN,
                Figure.rated(1.4));
        Device five = new Device(
                "five",
                "5-in display",
                DeviceKind.DISPLAY_5_IN,
                "",
                new Draw.Metered(Figure.measured(0.4), Figure.measured(12.9), Figure.measured(0.5), Figure.UNSET),
                limits,
                Sockets.UNKNOWN,
                Figure.rated(0.5));
        Device live = new Device(
                "live",
                "live module",
                DeviceKind.LIVE_MODULE,
                "",
                new Draw.Amps(Figure.rated(1.6), Figure.UNSET),
                limits,
                Sockets.UNKNOWN,
                Figure.rated(1.6));
        Pack left = Pack.labelled("left", "left pack", Chemistry.LIFEPO4, Figure.rated(20))
                .withMassKg(Figure.rated(2.4))
                .withSize(new Size(Figure.rated(0.18), Figure.rated(0.08), Figure.rated(0.17)));
        Pack right = left.withId("right").withName("right pack");
        List<Segment> segments = List.of(
                lead("left-lead", "left", "bus", new Gauge.Awg(14), 0.4, 15),
                lead("right-lead", "right", "bus", new Gauge.Awg(14), 0.4, 15),
                new Segment(
                        "trunk",
                        "trunk",
                        "bus",
                        "block",
                        Wire.pair(new Gauge.Metric(2.5), Figure.measured(2)),
                        List.of(new Fitting.Switch("main", "main switch", Figure.UNSET))),
                lead("nine-lead", "block", "nine", new Gauge.Awg(16), 1.2, 5),
                lead("five-lead", "block", "five", new Gauge.Awg(18), 0.8, 3),
                lead("live-lead", "block", "live", new Gauge.Awg(16), 1.5, 5));
        return Rig.blank("two screens", CraftKind.UNDECIDED)
                .with(rig -> rig.outing(new Outing(
                                Figure.measured(8),
                                Water.of(WaterKind.SEA, Season.SUMMER, Motion.PADDLING, 4, 40)
                                        .withTypicalM(Figure.measured(12))
                                        .withSalinity(Figure.measured(33)),
                                List.of(
                                        new Phase(
                                                "search",
                                                "searching",
                                                Figure.chosen(2),
                                                List.of(on("nine"), on("live"))),
                                        new Phase(
                                                "fish",
                                                "fishing",
                                                Figure.chosen(4),
                                                List.of(
                                                        new Use("nine", Figure.chosen(0.6), Figure.UNSET),
                                                        new Use("live", Figure.UNSET, Figure.chosen(0.5)))))))
                        .angler(new Angler(Figure.measured(76), Figure.UNSET))
                        .craft(DemoRigs.oystercatcher().craft())
                        .transducers(List.of(transducer("cone-20-60")
                                .withFeeds("nine")
                                .withMount(
                                        new Mount(MountKind.SCUPPER, "scupper-fore-left", Figure.UNSET, Figure.UNSET))))
                        .devices(List.of(nine, five, live))
                        .harness(new Harness(
                                List.of(left, right),
                                List.of(new Junction("bus", "bus"), new Junction("block", "fuse block")),
                                segments))
                        .runs(List.of(
                                Run.along("sonar-run", "transducer", List.of("up-fore-left", "foot-to-rail-left")),
                                Run.along("trunk-run", "trunk", List.of("well-to-deck", "past-seat"))))
                        .places(List.of(
                                new Placement("nine", "rail-left", true),
                                new Placement("five", "foot-well", false),
                                new Placement("live", "bow-hatch", false),
                                new Placement("left", "stern-well", true),
                                new Placement("right", "seat-back", true)))
                        .schools(Schools.UNDECIDED
                                .withDrilling(Schools.Drilling.ABOVE_WATERLINE)
                                .withScreen(Schools.Screen.SIDE))
                        .weights(Weights.EVEN.withDrag(Figure.chosen(2))));
    }

    /** A day of twelve hours in eight parts, with six devices on one pack: the case that the bounds speak of. */
    public static Rig longDay() {
        Rig rig = DemoRigs.gannet();
        List<Device> devices = new ArrayList<>(rig.devices());
        List<Segment> segments = new ArrayList<>(rig.harness().segments());
        for (String id : List.of("light", "phone")) {
            devices.add(Catalogue.devices().stream()
                    .filter(item -> item.id().equals(id))
                    .findFirst()
                    .orElseThrow());
            segments.add(lead(id + "-lead", "block", id, new Gauge.Awg(18), 0.8, 3));
        }
        List<Phase> phases = new ArrayList<>();
        for (int p = 0; p < 8; p++) {
            Figure on = Figure.chosen(p % 2 == 0 ? 0.5 : 1);
            Figure bright = Figure.chosen(0.4 + 0.1 * (p % 4));
            phases.add(new Phase(
                    "part-" + p,
                    "part " + p,
                    Figure.chosen(1.5),
                    devices.stream().map(d -> new Use(d.id(), bright, on)).toList()));
        }
        return rig.withDevices(devices)
                .withHarness(rig.harness().withSegments(segments))
                .withOuting(rig.outing().withPhases(phases));
    }

    /** A catalogue transducer under the id the rigs here use. */
    public static Transducer transducer(String origin) {
        return Catalogue.transducers().stream()
                .filter(item -> item.id().equals(origin))
                .findFirst()
                .orElseThrow()
                .withId("transducer");
    }

    public static Segment lead(String id, String from, String to, Gauge gauge, double lengthM, double fuseA) {
        return new Segment(
                id,
                "lead " + id.toUpperCase(Locale.ROOT),
                from,
                to,
                Wire.pair(gauge, Figure.measured(lengthM)),
                List.of(
                        new Fitting.Fuse(
                                "fuse-" + id,
                                "fuse of " + id.toUpperCase(Locale.ROOT),
                                Figure.rated(fuseA),
                                Fitting.Form.BLADE,
                                Figure.measured(0.1),
                                Figure.UNSET),
                        new Fitting.Joint("plug-" + id, "plug of " + id.toUpperCase(Locale.ROOT), Figure.UNSET)));
    }

    /** The rigs every general property is tried on. */
    public static List<Rig> all() {
        return List.of(DemoRigs.oystercatcher(), DemoRigs.lanternCrate(), DemoRigs.gannet(), twoScreens());
    }

    /** One of {@link #all}. */
    public static Rig named(String name) {
        return all().stream().filter(rig -> rig.name().equals(name)).findFirst().orElseThrow();
    }
}
