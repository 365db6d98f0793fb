package app.brightkeel.core.review.whole;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.rig.Ballast;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.Exit;
import app.brightkeel.core.rig.ExitUse;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.WaterKind;
import app.brightkeel.core.route.Rerouting;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Whole rigs as people put them together who know half of it: any craft, packs, boxes, holders, cables, schools and days,
 * with a few things wrong at once. The same seed gives the same rigs.
 */
final class WholeRigs {

    private static final int MOST_CHANGES = 5;

    private final Random random;
    private final List<Rig> starts;

    WholeRigs(long seed) {
        random = new Random(seed);
        starts = new ArrayList<>(DemoRigs.all());
        starts.addAll(TestRigs.all());
        // by name: the order of a map is another each time
        starts.addAll(new TreeMap<>(RuleTriggers.all()).values());
    }

    static Stream<Rig> from(long seed) {
        return Stream.generate(new WholeRigs(seed)::next);
    }

    private Rig next() {
        Rig rig = any(starts);
        int changes = 1 + random.nextInt(MOST_CHANGES);
        for (int c = 0; c < changes; c++) {
            try {
                rig = any(changes()).apply(rig);
            } catch (Refusal refused) {
                // what nobody can enter is not a rig
                continue;
            }
        }
        return rig;
    }

    private List<UnaryOperator<Rig>> changes() {
        return List.of(
                this::pack,
                this::secondPack,
                this::cells,
                this::transducer,
                this::device,
                this::craft,
                this::mount,
                this::holder,
                this::fuse,
                this::wire,
                this::box,
                this::schools,
                this::day,
                this::water,
                this::opening,
                this::run,
                this::place,
                this::ballast,
                this::alike);
    }

    private <T> T any(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    private <T extends Enum<T>> T any(Class<T> type) {
        return any(List.of(type.getEnumConstants()));
    }

    private Figure figure(double low, double high) {
        return Figure.measured(low + random.nextDouble() * (high - low));
    }

    private static boolean none(List<?> all) {
        return all.isEmpty();
    }

    private Rig pack(Rig rig) {
        return none(rig.harness().packs())
                ? rig
                : rig.with(Catalogue.inPlaceOf(any(rig.harness().packs()), any(Catalogue.packs())));
    }

    private Rig secondPack(Rig rig) {
        if (none(rig.harness().packs())) {
            return rig;
        }
        Pack first = any(rig.harness().packs());
        Pack more = Catalogue.inPlaceOf(first, any(Catalogue.packs())).withId(FreshId.of(rig, "more"));
        Pack placed = switch (random.nextInt(3)) {
            case 0 -> first.with(pack -> pack.id(more.id()).onTopOf(first.id()));
            case 1 -> more.withRole(PackRole.SPARE);
            default -> more.withRole(PackRole.INSTEAD);
        };
        List<Pack> packs = new ArrayList<>(rig.harness().packs());
        packs.add(placed);
        return rig.withHarness(rig.harness().withPacks(packs));
    }

    private Rig cells(Rig rig) {
        if (none(rig.harness().packs())) {
            return rig;
        }
        Pack pack = any(rig.harness().packs());
        return rig.with(
                switch (random.nextInt(4)) {
                    case 0 -> pack.withAge(figure(0.4, 1));
                    case 1 -> pack.withTempC(figure(-20, 35));
                    case 2 -> pack.withDepth(figure(0.3, 1));
                    default -> pack.withBlocks(1 + random.nextInt(3));
                });
    }

    private Rig transducer(Rig rig) {
        return none(rig.transducers())
                ? rig
                : rig.with(Catalogue.inPlaceOf(any(rig.transducers()), any(Catalogue.transducers())));
    }

    private Rig device(Rig rig) {
        Device old = any(rig.devices());
        Device item = any(Catalogue.devices());
        return rig.with(item.with(device -> device.id(old.id())));
    }

    /** Everything in usual places of another craft, the leads laid anew. */
    private Rig craft(Rig rig) {
        Craft craft = any(Catalogue.crafts()).craft();
        Rig on = rig.withCraft(craft);
        for (Device device : rig.devices()) {
            on = on.with(new Placement(device.id(), where(craft, Spot::takesDisplay), true));
        }
        for (Pack pack : rig.harness().packs()) {
            on = on.with(new Placement(pack.id(), where(craft, Spot::takesPack), true));
        }
        for (Transducer transducer : rig.transducers()) {
            on = held(on, transducer);
        }
        return on;
    }

    private String where(Craft craft, Predicate<Spot> takes) {
        return any(craft.stations().stream().filter(s -> takes.test(s.spot())).toList())
                .id();
    }

    private Rig mount(Rig rig) {
        return none(rig.transducers()) ? rig : held(rig, any(rig.transducers()));
    }

    private Rig held(Rig rig, Transducer transducer) {
        List<Station> all = rig.craft().stations().stream()
                .filter(s -> MountKind.decided().anyMatch(kind -> kind.sitsAt(s.spot())))
                .toList();
        if (none(all)) {
            return rig;
        }
        Station at = any(all);
        MountKind kind =
                any(MountKind.decided().filter(k -> k.sitsAt(at.spot())).toList());
        Rig held = rig.with(transducer.withMount(
                new Mount(kind, at.id(), Figure.UNSET, at.room().wideM())));
        return Rerouting.of(held, transducer.id());
    }

    private Rig holder(Rig rig) {
        Device device = any(rig.devices());
        Holder item = any(Catalogue.holders());
        List<Holder> all = new ArrayList<>(rig.holders().stream()
                .filter(h -> !h.holds().equals(device.id()))
                .toList());
        all.add(item.with(h -> h.id(FreshId.of(rig, "holder")).holds(device.id())));
        return rig.withHolders(all);
    }

    private Rig fuse(Rig rig) {
        List<Segment> fused =
                rig.harness().segments().stream().filter(s -> s.fused()).toList();
        if (none(fused)) {
            return rig;
        }
        Segment segment = any(fused);
        Fitting.Fuse fuse = segment.fittings().stream()
                .filter(Fitting.Fuse.class::isInstance)
                .map(Fitting.Fuse.class::cast)
                .findFirst()
                .orElseThrow();
        return switch (random.nextInt(4)) {
            case 0 ->
                rig.with(segment.withFittings(segment.fittings().stream()
                        .filter(f -> !f.id().equals(fuse.id()))
                        .toList()));
            case 1 -> rig.with(segment.with(fuse.withRatingA(Figure.rated(any(List.of(1.0, 2.0, 5.0, 10.0, 30.0))))));
            case 2 -> rig.with(segment.with(fuse.withAtM(figure(0, 2))));
            default -> rig.with(segment.with(fuse.withForm(any(Fitting.Form.class))));
        };
    }

    private Rig wire(Rig rig) {
        if (none(rig.harness().segments())) {
            return rig;
        }
        Segment segment = any(rig.harness().segments());
        return rig.with(segment.withWire(
                switch (random.nextInt(4)) {
                    case 0 ->
                        segment.wire().withGauge(any(List.of(new Gauge.Awg(24), new Gauge.Awg(20), new Gauge.Awg(16))));
                    case 1 -> segment.wire().withLengthM(figure(0.2, 8));
                    case 2 -> segment.wire().withTinned(random.nextBoolean());
                    default ->
                        segment.wire()
                                .with(w -> w.sheathed(random.nextBoolean()).bundled(2 + random.nextInt(6)));
                }));
    }

    /** A box, bag or pod round what stands somewhere. */
    private Rig box(Rig rig) {
        if (none(rig.places())) {
            return rig;
        }
        String at = any(rig.places()).station();
        String id = FreshId.of(rig, "box");
        List<Enclosure> all = new ArrayList<>(rig.fitOut().boxes());
        all.add(new Enclosure(
                id,
                id,
                any(EnclosureKind.class),
                at,
                new Size(figure(0.15, 0.5), figure(0.15, 0.4), figure(0.1, 0.35)),
                figure(0.3, 3),
                figure(0.002, 0.012),
                figure(0, 0.01),
                figure(0.002, 0.02),
                List.of(),
                List.of(new Exit(
                        id + "-exit",
                        "exit",
                        any(BaseEdge.class),
                        figure(0.02, 0.1),
                        figure(0.006, 0.04),
                        any(PassThrough.class),
                        random.nextBoolean(),
                        any(ExitUse.class),
                        random.nextBoolean())),
                List.of(),
                random.nextBoolean(),
                random.nextBoolean(),
                false,
                ""));
        return rig.withFitOut(rig.fitOut().withBoxes(all));
    }

    private Rig schools(Rig rig) {
        return rig.withSchools(new Schools(
                any(Schools.Fusing.class),
                any(Schools.Drilling.class),
                any(Schools.Screen.class),
                any(Schools.Post.class),
                any(Schools.Battery.class)));
    }

    private Rig day(Rig rig) {
        if (none(rig.outing().phases())) {
            return rig;
        }
        return rig.withOuting(rig.outing()
                .with(o -> o.airC(figure(-15, 35))
                        .phases(rig.outing().phases().stream()
                                .map(p -> p.withStartH(Figure.UNSET).withHours(figure(1, 9)))
                                .toList())));
    }

    private Rig water(Rig rig) {
        double typical = 1 + 40 * random.nextDouble();
        return rig.withOuting(rig.outing()
                .withWater(rig.outing()
                        .water()
                        .with(w -> w.leastM(Figure.measured(typical / 3))
                                .typicalM(Figure.measured(typical))
                                .mostM(Figure.measured(typical * 2))
                                .kind(any(WaterKind.class))
                                .style(any(FishingStyle.class))
                                .motion(any(Motion.class)))));
    }

    private Rig opening(Rig rig) {
        if (none(rig.craft().passages())) {
            return rig;
        }
        Passage passage = any(rig.craft().passages());
        Passage odd = passage.with(p -> p.openingM(figure(0.004, 0.05))
                .opening(passage.opening().withClosedBy(any(PassThrough.class)))
                .belowWaterline(random.nextInt(4) == 0));
        return rig.withCraft(rig.craft().with(odd));
    }

    private Rig run(Rig rig) {
        if (none(rig.runs())) {
            return rig;
        }
        Run run = any(rig.runs());
        return rig.with(run.with(r -> r.coilAt("").reliefM(figure(0, 0.3)).dripM(figure(0, 0.3))));
    }

    private Rig place(Rig rig) {
        if (none(rig.places())) {
            return rig;
        }
        Placement place = any(rig.places());
        Held held = place.held().withHow(any(Holding.class));
        return rig.with(new Placement(
                place.item(), any(rig.craft().stations()).id(), random.nextBoolean(), held, place.offMin()));
    }

    private Rig ballast(Rig rig) {
        List<Ballast> all = new ArrayList<>(rig.fitOut().ballast());
        all.add(new Ballast(
                FreshId.of(rig, "weight"),
                "weight",
                figure(1, 25),
                any(rig.craft().stations()).id()));
        return rig.withFitOut(rig.fitOut().withBallast(all));
    }

    /** The same fault in everything of a kind. */
    private Rig alike(Rig rig) {
        Rig all = rig;
        int what = random.nextInt(3);
        for (Segment segment : rig.harness().segments()) {
            all = all.with(
                    switch (what) {
                        case 0 ->
                            segment.withFittings(segment.fittings().stream()
                                    .filter(f -> !(f instanceof Fitting.Fuse))
                                    .toList());
                        case 1 -> segment.withWire(segment.wire().withGauge(new Gauge.Awg(22)));
                        default -> segment.withWire(segment.wire().withTinned(false));
                    });
        }
        return all;
    }
}
