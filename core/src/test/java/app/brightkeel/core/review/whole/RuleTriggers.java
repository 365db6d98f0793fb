package app.brightkeel.core.review.whole;

import static app.brightkeel.core.rig.Figure.UNSET;
import static app.brightkeel.core.rig.Figure.chosen;
import static app.brightkeel.core.rig.Figure.measured;
import static app.brightkeel.core.rig.Figure.rated;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Adapter;
import app.brightkeel.core.rig.Ballast;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Grip;
import app.brightkeel.core.rig.Hand;
import app.brightkeel.core.rig.Handle;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.ObstructionKind;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Plug;
import app.brightkeel.core.rig.Purse;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.SonarVersion;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.TransducerType;
import app.brightkeel.core.rig.TrialRun;
import app.brightkeel.core.rig.WantedView;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.Zone;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;

/** For each rule a rig that breaks it, made from a good one by one change. */
final class RuleTriggers {

    private static final Rig GOOD = good();

    private RuleTriggers() {}

    /** A rig on which every rule holds or is silent. */
    static Rig good() {
        Rig rig = DemoRigs.oystercatcher().withQuieted(Set.of());
        Segment lead = rig.harness().segment("lead");
        Transducer chirp = rig.transducers().get(0);
        return rig.with(lead.withWire(lead.wire().withGauge(new Gauge.Awg(16)).withTinned(true)))
                .with(chirp.withLead(chirp.lead().withLengthM(rated(5.6))));
    }

    /** By the id of the rule. */
    static Map<String, Rig> all() {
        Map<String, Rig> all = new HashMap<>(power());
        all.putAll(PackTriggers.all());
        all.putAll(WireTriggers.all());
        all.putAll(FitOutTriggers.all());
        all.putAll(sonar());
        all.putAll(craft());
        all.putAll(reachAndStyle());
        all.putAll(compatibility());
        all.putAll(mountsAndHolders());
        return all;
    }

    /** The fjord kayak's transducer in its pocket, so far out of it. */
    static Rig pocketed(double belowM) {
        Rig rig = DemoRigs.gannet();
        Transducer held = rig.transducers().stream()
                .filter(each -> each.mount().kind() == MountKind.HULL_POCKET)
                .findFirst()
                .orElseThrow();
        return rig.with(held.withMount(held.mount().withBelowM(measured(belowM))));
    }

    private static Map<String, Rig> power() {
        return Map.ofEntries(
                Map.entry("water.incomplete", water(w -> w.withMostM(UNSET))),
                Map.entry("water.depths-disordered", water(w -> w.withLeastM(measured(30)))),
                Map.entry("water.frozen", water(w -> w.withWaterC(measured(-1.5)))),
                Map.entry("water.display-shows-wrong", water(w -> w.withDisplaySoundMs(rated(1600)))),
                Map.entry("water.moves-on-ice", water(w -> w.withSeason(Season.ICE))),
                Map.entry("water.salinity-of-another-kind", water(w -> w.withSalinity(measured(34)))),
                Map.entry("screen.incomplete", GOOD.withOuting(GOOD.outing().withPhases(List.of()))),
                Map.entry("screen.draw-assumed", device(d -> d.withDraw(new Draw.Undecided()))),
                Map.entry("screen.draw-implausible", device(d -> d.withDraw(new Draw.Split(rated(60), rated(5))))),
                Map.entry("wire.incomplete", lead(s -> s.withWire(s.wire().withGauge(Gauge.UNDECIDED)))),
                Map.entry(
                        "wire.not-fed", GOOD.withDevices(List.of(GOOD.devices().get(0), spare()))),
                Map.entry("wire.no-operating-point", lead(s -> thin(s, 60))),
                Map.entry("wire.device-minimum", hungry()),
                Map.entry("wire.start-dip", DemoRigs.gannet()),
                Map.entry("wire.above-maximum", pack(p -> p.withBlocks(2))),
                Map.entry("wire.drop", DemoRigs.oystercatcher()),
                Map.entry("wire.ampacity", heavy()),
                Map.entry(
                        "wire.thinner-than-maker",
                        device(d -> d.withLimits(d.limits().withMinWireMm2(rated(2.5))))),
                Map.entry(
                        "wire.thin-in-handling",
                        lead(s -> thin(s, 0.4).withWire(thin(s, 0.4).wire().withSheathed(false)))),
                Map.entry("fuse.incomplete", fuse(f -> f.withAtM(UNSET))),
                Map.entry("fuse.no-rating", fuse(f -> f.withRatingA(UNSET))),
                Map.entry("fuse.bare-run", fuse(f -> f.withAtM(measured(0.9)))),
                Map.entry("fuse.missing", lead(s -> s.withFittings(List.of()))),
                Map.entry("fuse.too-far-from-battery", lead(s -> far(s))),
                Map.entry("fuse.above-ampacity", fuse(f -> f.withRatingA(rated(30)))),
                Map.entry("fuse.above-maker-maximum", fuse(f -> f.withRatingA(rated(7.5)))),
                Map.entry("fuse.opens-in-use", fuse(f -> f.withRatingA(rated(1)))),
                Map.entry("fuse.far-end-short", fuse(f -> f.withRatingA(rated(40)))),
                Map.entry(
                        "fuse.breaking-capacity",
                        pack(p -> p.withCapacityAh(rated(200)).withMassKg(UNSET))),
                Map.entry("fuse.breaking-volts", pack(p -> p.withBlocks(3))),
                Map.entry("fuse.parallel-packs-unfused", parallel(p -> p, List.of())),
                Map.entry(
                        "fuse.school",
                        TestRigs.twoScreens()
                                .withSchools(Schools.UNDECIDED.withFusing(Schools.Fusing.BLOCK))
                                .with(shared())),
                Map.entry("battery.incomplete", pack(p -> p.withCapacityAh(UNSET))),
                Map.entry("battery.hours", DemoRigs.lanternCrate()),
                Map.entry("battery.discharge-limit", pack(p -> p.withMaxDischargeA(rated(1)))),
                Map.entry("battery.too-cold", pack(p -> p.withTempC(measured(-25)))),
                Map.entry("battery.mass-implausible", pack(p -> p.withMassKg(rated(0.5)))),
                Map.entry(
                        "battery.mixed-parallel",
                        parallel(
                                p -> p.withChemistry(Chemistry.AGM),
                                DemoRigs.oystercatcher()
                                        .harness()
                                        .segment("lead")
                                        .fittings())));
    }

    private static Map<String, Rig> sonar() {
        return Map.ofEntries(
                Map.entry("transducer.incomplete", transducer(t -> t.withBeams(List.of()))),
                Map.entry(
                        "transducer.wide-too-deep",
                        water(w -> w.withMostM(measured(30)).withTypicalM(measured(5)))),
                Map.entry("transducer.narrow-too-shallow", beam(b -> b.withFullDeg(rated(10)))),
                Map.entry(
                        "transducer.hidden-at-bottom",
                        beam(b -> b.withFullDeg(rated(60)))
                                .withOuting(GOOD.outing()
                                        .withWater(GOOD.outing().water().withFishM(measured(0.15))))),
                Map.entry("transducer.ice-cone-under-way", transducer(t -> t.withType(TransducerType.ICE_CONE))),
                Map.entry("mount.incomplete", mount(m -> Mount.UNDECIDED)),
                Map.entry("mount.craft-cannot", mount(m -> m.withKind(MountKind.SWING_ARM))),
                Map.entry("mount.face-dry", mount(m -> m.withBelowM(measured(-0.2)))),
                Map.entry("mount.beam-blocked", post(ObstructionKind.SKEG, 2.67, 0.30)),
                Map.entry("mount.does-not-fit", narrowHole()),
                Map.entry("mount.face-tilted", craft(c -> c.withSeatM(measured(3.4)))),
                Map.entry("mount.behind-drive", post(ObstructionKind.DRIVE, 2.45, 0)),
                Map.entry("mount.proud-on-beach", mount(m -> m.withBelowM(measured(0.06)))));
    }

    private static Map<String, Rig> craft() {
        return Map.ofEntries(
                Map.entry("cable.incomplete", GOOD.withRuns(List.of())),
                Map.entry("cable.way-broken", way("up-aft-left", "keel-way", "bow-lip", "bow-to-rail-left")),
                Map.entry("cable.too-short", DemoRigs.oystercatcher()),
                Map.entry(
                        "cable.shorter-than-way",
                        lead(s -> s.withWire(s.wire().withLengthM(chosen(0.5))))
                                .withRuns(List.of(GOOD.runOf("transducer").orElseThrow()))),
                Map.entry(
                        "cable.plug-does-not-pass",
                        way("up-aft-left", "deck-to-stern-hatch", "stern-lip", "port-left", "foot-to-rail-left")),
                Map.entry("cable.opening-too-full", crowdedLip()),
                Map.entry("cable.hole-below-waterline", drownedTube()),
                Map.entry("cable.crosses-moving-parts", way("up-aft-left", "past-seat", "foot-to-rail-left")),
                Map.entry(
                        "cable.service-loop",
                        GOOD.with(GOOD.runOf("transducer").orElseThrow().withLoopM(chosen(0.1)))),
                Map.entry("cable.school-drilling", throughTube(GOOD)),
                Map.entry("carry.incomplete", GOOD.withPlaces(List.of())),
                Map.entry("carry.fit.incomplete", pack(p -> p.withSize(Size.UNKNOWN))),
                Map.entry(
                        "carry.does-not-fit",
                        pack(p -> p.withSize(new Size(measured(0.5), measured(0.2), measured(0.2))))),
                Map.entry("carry.no-level", craft(c -> c.withSeatM(measured(11)))),
                Map.entry(
                        "carry.deck-under",
                        craft(c -> c.withDepthM(measured(0.16)))
                                .withAngler(GOOD.angler().withGearKg(measured(250)))),
                Map.entry("carry.tips-over", heavyArm()),
                Map.entry("carry.too-tender", craft(c -> c.withSeatHeightM(measured(0.5)))),
                Map.entry("carry.goes-over", leaning()),
                Map.entry("carry.heel", device(d -> d.withMassKg(measured(8)))),
                Map.entry("carry.trim", craft(c -> c.withSeatM(measured(2.5)))),
                Map.entry("carry.school-screen", GOOD.withSchools(GOOD.schools().withScreen(Schools.Screen.FORWARD))));
    }

    private static Map<String, Rig> reachAndStyle() {
        return Map.ofEntries(
                Map.entry("water.style-against-motion", water(w -> w.withStyle(FishingStyle.TROLL))),
                Map.entry("transducer.beyond-reach", beam(b -> b.withRatedM(rated(5)))),
                Map.entry("transducer.above-planning-depth", beam(b -> b.withRatedM(rated(10.5)))),
                Map.entry("transducer.blind-top", water(w -> w.withLeastM(measured(1)))),
                Map.entry(
                        "transducer.needs-way",
                        water(w -> w.withMotion(Motion.STILL).withStyle(FishingStyle.UNDECIDED))
                                .with(taken("line-455-800").withInUse(""))),
                Map.entry("transducer.wrong-for-style", water(w -> w.withStyle(FishingStyle.CAST_FORWARD))),
                Map.entry(
                        "transducer.looks-elsewhere",
                        water(w -> w.withStyle(FishingStyle.CAST_FORWARD))
                                .with(taken("live-130").withLook(Look.DOWN))),
                Map.entry(
                        "transducer.handle-unmarked",
                        shallowGannet()
                                .with(shallowGannet()
                                        .transducer("head")
                                        .orElseThrow()
                                        .withHandle(Handle.UNMARKED))),
                Map.entry("transducer.cannot-be-aimed", hungHead()),
                Map.entry(
                        "transducer.like-plugs",
                        GOOD.withTransducers(List.of(
                                GOOD.transducers().get(0),
                                GOOD.transducers().get(0).withId("second")))),
                Map.entry(
                        "transducer.module-missing",
                        DemoRigs.gannet()
                                .with(DemoRigs.gannet()
                                        .transducer("head")
                                        .orElseThrow()
                                        .withFeeds("nine"))),
                Map.entry(
                        "transducer.view-not-fed",
                        GOOD.withOuting(GOOD.outing().withViews(List.of(WantedView.DOWN, WantedView.DOWN_PICTURE)))),
                Map.entry(
                        "transducer.pole-leans",
                        shallowGannet()
                                .with(shallowGannet()
                                        .transducer("head")
                                        .orElseThrow()
                                        .withLook(Look.DOWN)
                                        .withLeanDeg(measured(12)))),
                Map.entry(
                        "mount.not-through-hull",
                        GOOD.with(taken("line-455-800"))
                                .with(taken("line-455-800").withMount(Mount.UNDECIDED.withKind(MountKind.IN_HULL)))));
    }

    private static Map<String, Rig> compatibility() {
        Plug plug = GOOD.transducers().get(0).plug();
        return Map.of(
                "transducer.pins-differ",
                transducer(t -> t.withPlug(plug.withPins(rated(4)))),
                "transducer.adapter-loses",
                transducer(t -> t.withPlug(
                        plug.withAdapters(List.of(new Adapter("worn adapter", rated(8), List.of(BeamShape.CONE)))))),
                "transducer.older-version",
                device(d -> d.withSockets(d.sockets().withVersion(SonarVersion.TONE))),
                "transducer.display-cannot-show",
                device(d -> d.withSockets(d.sockets().withShows(List.of(BeamShape.LINE)))),
                "screen.other-family",
                DemoRigs.gannet(),
                "wire.plug-pins-differ",
                lead(s -> s.withEnd(s.end().withPins(measured(2)))));
    }

    private static Map<String, Rig> mountsAndHolders() {
        Rig side = GOOD.with(taken("side-line-cone"));
        Rig arm = mount(m -> new Mount(MountKind.SWING_ARM, "arm-left", UNSET, UNSET));
        Rig cup = mount(m -> new Mount(MountKind.SUCTION_CUP, "arm-left", UNSET, UNSET));
        String display = GOOD.devices().get(0).id();
        return Map.ofEntries(
                Map.entry("mount.side-lost", standing(side, 2.60, 0.35, 0.5)),
                Map.entry("mount.turn-blocked", standing(shallowGannet(), 1.95, 0.1, 0.8)),
                Map.entry("mount.hole-unasked", mount(m -> m.withKind(MountKind.KEEL_BOLT))),
                Map.entry("mount.fouls", arm),
                Map.entry(
                        "carry.no-side-to-re-enter",
                        mount(m -> new Mount(MountKind.SWING_ARM, "arm-right", UNSET, UNSET))),
                Map.entry(
                        "mount.too-fast",
                        cup.withOuting(
                                cup.outing().withWater(cup.outing().water().withMotion(Motion.TROLLING)))),
                Map.entry(
                        "carry.under-water",
                        craft(c -> c.withStations(c.stations().stream()
                                .map(s -> s.id().equals("stern-well") ? s.withHeightM(measured(0.02)) : s)
                                .toList()))),
                Map.entry("screen.holder-misfit", GOOD.with(holder("frame", display))),
                Map.entry(
                        "screen.holder-overloaded",
                        GOOD.with(holder("ball-large", display).withArmM(measured(1)))),
                Map.entry(
                        "battery.unlike-age",
                        parallel(
                                p -> p.withAge(measured(0.7)),
                                DemoRigs.oystercatcher()
                                        .harness()
                                        .segment("lead")
                                        .fittings())),
                Map.entry(
                        "mount.strikes-bottom",
                        water(w -> w.withLeastM(measured(0.5)))
                                .with(GOOD.transducers()
                                        .get(0)
                                        .withMount(new Mount(MountKind.LIVE_POLE, "arm-left", measured(0.4), UNSET)))),
                Map.entry("mount.no-tether", arm),
                Map.entry("screen.no-holder", GOOD.withHolders(List.of())),
                Map.entry("mount.nothing-to-grip", barAt(List.of(Grip.FLAT))),
                Map.entry(
                        "screen.runs-otherwise",
                        GOOD.withOuting(
                                GOOD.outing().withRan(List.of(new TrialRun(measured(6), chosen(1), measured(20)))))),
                Map.entry(
                        "carry.box-in-the-way",
                        FitOutTriggers.boxed(box -> box.withStation("rail-left")
                                .withOutside(new Size(measured(0.5), measured(0.5), measured(0.22))))),
                Map.entry(
                        "carry.beyond-well",
                        roomy(
                                FitOutTriggers.boxed(box ->
                                        box.withOutside(new Size(measured(0.40), measured(0.30), measured(0.22)))),
                                Zone.WELL)),
                Map.entry(
                        "carry.no-drain",
                        FitOutTriggers.boxed(box -> box.with(b -> b.tight(false).drained(false)))),
                Map.entry("screen.second-hand", device(d -> d.withSecondHand(true))),
                Map.entry("carry.no-tether", FitOutTriggers.boxed(box -> box.withStation("rail-left"))),
                Map.entry(
                        "battery.over-budget",
                        pack(p -> p.withLabel(p.label().withPrice(measured(120))))
                                .withPurse(Purse.NONE.withBudget(chosen(100)))),
                Map.entry("mount.proud-of-pocket", pocketed(0.015)),
                Map.entry(
                        "screen.one-spot",
                        GOOD.withDevices(List.of(
                                        GOOD.devices().get(0),
                                        GOOD.devices().get(0).withId("second")))
                                .with(new Placement("second", GOOD.stationOf(display), true))),
                Map.entry(
                        "screen.school-drilling",
                        GOOD.with(holder("base-plate", display))
                                .withSchools(GOOD.schools().withDrilling(Schools.Drilling.NO_DRILL))),
                Map.entry("screen.out-of-reach", GOOD.with(new Placement(display, "bow-hatch", true))),
                Map.entry("screen.hard-to-read", device(d -> d.withTextM(measured(0.002)))),
                Map.entry(
                        "screen.in-the-way",
                        craft(c -> c.withStations(c.stations().stream()
                                .map(s -> s.id().equals("rail-left") ? s.withSideM(measured(-0.42)) : s)
                                .toList()))),
                Map.entry(
                        "screen.school-post",
                        GOOD.withAngler(GOOD.angler().withHand(Hand.LEFT))
                                .withSchools(GOOD.schools().withPost(Schools.Post.ROD_SIDE_FREE))));
    }

    private static Holder holder(String id, String display) {
        return Catalogue.holders().stream()
                .filter(item -> item.id().equals(id))
                .findFirst()
                .orElseThrow()
                .with(h -> h.id("holder").holds(display));
    }

    /** A thick post that hangs down beside. */
    private static Rig standing(Rig rig, double fromBowM, double sideM, double belowM) {
        Obstruction post = new Obstruction(
                "guard",
                "guard",
                ObstructionKind.OTHER,
                measured(fromBowM),
                measured(sideM),
                measured(belowM),
                measured(0.2));
        return rig.withCraft(rig.craft().withObstructions(List.of(post)));
    }

    /** Where its band reaches the bottom. */
    /** A live head on the crate's float, to look ahead. */
    private static Rig hungHead() {
        Rig crate = DemoRigs.lanternCrate();
        Transducer afloat = crate.transducers().get(0);
        return crate.with(DemoRigs.gannet()
                .transducer("head")
                .orElseThrow()
                .with(head -> head.id(afloat.id()).feeds("").mount(afloat.mount())));
    }

    private static Rig shallowGannet() {
        Outing outing = DemoRigs.gannet().outing();
        return DemoRigs.gannet()
                .withOuting(
                        outing.withWater(outing.water().withMostM(measured(45)).withTypicalM(measured(30))));
    }

    /** A transducer of the catalogue in the place of the rig's own. */
    private static Transducer taken(String origin) {
        return Catalogue.inPlaceOf(GOOD.transducers().get(0), TestRigs.transducer(origin));
    }

    private static Rig transducer(UnaryOperator<Transducer> change) {
        return GOOD.with(change.apply(GOOD.transducers().get(0)));
    }

    private static Rig beam(UnaryOperator<Beam> change) {
        return transducer(t -> t.withBeams(List.of(change.apply(t.beams().get(0)))));
    }

    private static Rig mount(UnaryOperator<Mount> change) {
        return transducer(t -> t.withMount(change.apply(t.mount())));
    }

    private static Rig craft(UnaryOperator<Craft> change) {
        return GOOD.withCraft(change.apply(GOOD.craft()));
    }

    /** Something that stands down beside the aft left scupper. */
    private static Rig post(ObstructionKind sort, double fromBowM, double belowM) {
        return craft(c -> c.withObstructions(List.of(new Obstruction(
                "post", "post", sort, measured(fromBowM), measured(-0.2), measured(belowM), measured(0.02)))));
    }

    private static Rig narrowHole() {
        Rig rig = DemoRigs.lanternCrate();
        Transducer ice = rig.transducers().get(0);
        return rig.with(ice.withMount(ice.mount().withOpeningM(measured(0.06))));
    }

    private static Rig way(String... legs) {
        return GOOD.with(GOOD.runOf("transducer").orElseThrow().withLegs(List.of(legs)));
    }

    private static Rig throughTube(Rig rig) {
        return rig.with(rig.runOf("transducer")
                .orElseThrow()
                .withLegs(List.of("up-aft-left", "deck-to-stern-hatch", "stern-lip", "hull-to-tube", "tube-wall")));
    }

    private static Rig drownedTube() {
        return throughTube(craft(c -> c.withPassages(c.passages().stream()
                        .map(p -> p.id().equals("tube-wall") ? p.withBelowWaterline(true) : p)
                        .toList())))
                .withSchools(Schools.UNDECIDED.withDrilling(Schools.Drilling.ABOVE_WATERLINE));
    }

    /** A hole in a tube, still to be drilled, narrower than the plug. */
    static Rig narrowTube() {
        return throughTube(craft(c -> c.withPassages(c.passages().stream()
                        .map(p -> p.id().equals("tube-wall") ? p.withOpeningM(measured(0.02)) : p)
                        .toList())))
                .withSchools(Schools.UNDECIDED.withDrilling(Schools.Drilling.ABOVE_WATERLINE));
    }

    /** Two thick cables over the stern hatch lip. */
    private static Rig crowdedLip() {
        return GOOD.withRuns(
                GOOD.runs().stream().map(run -> run.withCableM(measured(0.022))).toList());
    }

    /** A room of 300 × 300 mm round the box. */
    private static Rig roomy(Rig rig, Zone use) {
        Station at = rig.craft().station(rig.fitOut().boxes().get(0).station()).orElseThrow();
        return rig.withCraft(rig.craft()
                .withKept(List.of(new KeptRoom(
                        "room", "stern well", use, at.fromBowM(), at.sideM(), measured(0.3), measured(0.3), UNSET))));
    }

    /** A screen far too heavy for its arm. */
    private static Rig heavyArm() {
        Rig rig = DemoRigs.lanternCrate();
        return rig.with(rig.device("display").withMassKg(measured(20)));
    }

    private static Rig water(UnaryOperator<Water> change) {
        return GOOD.withOuting(
                GOOD.outing().withWater(change.apply(GOOD.outing().water())));
    }

    private static Rig device(UnaryOperator<Device> change) {
        return GOOD.with(change.apply(GOOD.device("display")));
    }

    private static Rig pack(UnaryOperator<Pack> change) {
        return GOOD.with(change.apply(GOOD.harness().pack("pack")));
    }

    /** Fifty kilograms on the left rail. */
    private static Rig leaning() {
        return GOOD.withFitOut(
                GOOD.fitOut().withBallast(List.of(new Ballast("stones", "stones", measured(50), "rail-left"))));
    }

    private static Rig lead(UnaryOperator<Segment> change) {
        return GOOD.with(change.apply(GOOD.harness().segment("lead")));
    }

    private static Rig fuse(UnaryOperator<Fitting.Fuse> change) {
        return lead(s -> s.with(change.apply((Fitting.Fuse) s.fittings().get(0))));
    }

    private static Device spare() {
        return GOOD.device("display").withId("spare").withName("spare display");
    }

    private static Segment thin(Segment lead, double lengthM) {
        return lead.withWire(lead.wire().withGauge(new Gauge.Awg(24)).withLengthM(measured(lengthM)));
    }

    /** A screen that wants more volts than the thin lead leaves it. */
    private static Rig hungry() {
        Rig rig = DemoRigs.oystercatcher();
        Device display = rig.device("display");
        return rig.with(display.withLimits(display.limits().withMinV(rated(12.3))));
    }

    /** A large screen on 24 AWG: more than its insulation stands. */
    private static Rig heavy() {
        return lead(s -> thin(s, 0.2)).with(GOOD.device("display").withDraw(new Draw.Split(rated(40), rated(8))));
    }

    private static Segment far(Segment lead) {
        Fitting.Fuse fuse = ((Fitting.Fuse) lead.fittings().get(0)).withAtM(measured(0.5));
        return lead.with(fuse).withWire(lead.wire().withSheathed(false));
    }

    /** The branch of the small screen without its fuse: it then hangs on the packs' own. */
    private static Segment shared() {
        Segment five = TestRigs.twoScreens().harness().segment("five-lead");
        return five.withFittings(List.of());
    }

    /** Two packs that meet at a junction, each lead with these fittings. */
    private static Rig parallel(UnaryOperator<Pack> second, List<Fitting> fittings) {
        Segment lead = GOOD.harness().segment("lead");
        Pack pack = GOOD.harness().pack("pack");
        Segment a = TestRigs.lead("a", "pack", "bus", new Gauge.Awg(14), 0.3, 5);
        Segment b = TestRigs.lead("b", "other", "bus", new Gauge.Awg(14), 0.3, 5);
        return GOOD.withHarness(new Harness(
                List.of(pack, second.apply(pack).withId("other").withName("other pack")),
                List.of(new app.brightkeel.core.rig.Junction("bus", "bus")),
                List.of(
                        fittings.isEmpty() ? a.withFittings(List.of()) : a,
                        fittings.isEmpty() ? b.withFittings(List.of()) : b,
                        lead.withFrom("bus").withWire(lead.wire().withLengthM(chosen(1))))));
    }

    /** A bar clamped to a rail of which somebody looked what it offers. */
    private static Rig barAt(List<Grip> offers) {
        Rig bar = mount(m -> new Mount(MountKind.CLAMP_BAR, "rail-left", UNSET, UNSET));
        return bar.withCraft(
                bar.craft().with(bar.craft().station("rail-left").orElseThrow().withOffers(offers)));
    }
}
