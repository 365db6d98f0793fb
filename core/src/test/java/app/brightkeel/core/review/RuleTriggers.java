package app.brightkeel.core.review;

import static app.brightkeel.core.rig.Figure.UNSET;
import static app.brightkeel.core.rig.Figure.chosen;
import static app.brightkeel.core.rig.Figure.measured;
import static app.brightkeel.core.rig.Figure.rated;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Water;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** For each rule a rig that breaks it, made from a good one by one change. */
final class RuleTriggers {

    private static final Rig GOOD = good();

    private RuleTriggers() {}

    /** A rig on which every rule holds or is silent. */
    static Rig good() {
        Rig rig = DemoRigs.oystercatcher();
        Segment lead = rig.harness().segment("lead");
        return rig.with(lead.withWire(lead.wire().withGauge(new Gauge.Awg(16))));
    }

    static Map<String, Rig> all() {
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
                Map.entry("wire.incomplete", lead(s -> s.withWire(s.wire().withLengthM(UNSET)))),
                Map.entry(
                        "wire.not-fed", GOOD.withDevices(List.of(GOOD.devices().get(0), spare()))),
                Map.entry("wire.no-operating-point", lead(s -> thin(s, 60))),
                Map.entry("wire.device-minimum", hungry()),
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
                Map.entry("fuse.missing", lead(s -> s.withFittings(List.of()))),
                Map.entry("fuse.too-far-from-battery", lead(s -> far(s))),
                Map.entry("fuse.above-ampacity", fuse(f -> f.withRatingA(rated(30)))),
                Map.entry("fuse.above-maker-maximum", fuse(f -> f.withRatingA(rated(7.5)))),
                Map.entry("fuse.opens-in-use", fuse(f -> f.withRatingA(rated(1)))),
                Map.entry("fuse.far-end-short", fuse(f -> f.withRatingA(rated(40)))),
                Map.entry(
                        "fuse.breaking-capacity",
                        pack(p -> p.withCapacityAh(rated(200)).withMassKg(UNSET))),
                Map.entry("fuse.parallel-packs-unfused", parallel(p -> p, List.of())),
                Map.entry(
                        "fuse.school",
                        TestRigs.twoScreens()
                                .withSchools(new Schools(Schools.Fusing.BLOCK))
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
}
