package app.brightkeel.core.review.whole;

import static app.brightkeel.core.rig.Figure.measured;
import static app.brightkeel.core.rig.Figure.rated;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Cranking;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Keeping;
import app.brightkeel.core.rig.LoadTest;
import app.brightkeel.core.rig.NetworkPlan;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackLabel;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Port;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Shared;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** For each rule about packs, chargers and networks a rig that breaks it. */
final class PackTriggers {

    private static final Rig GOOD = RuleTriggers.good();

    private PackTriggers() {}

    static Map<String, Rig> all() {
        return Map.ofEntries(
                Map.entry(
                        "battery.starts-engine",
                        pack(p -> p.with(start ->
                                start.chemistry(Chemistry.AGM).cranking(new Cranking(true, rated(400), rated(500)))))),
                Map.entry(
                        "battery.too-few-volts",
                        pack(p -> p.with(aa -> aa.chemistry(Chemistry.NIMH)
                                .capacityAh(rated(2))
                                .massKg(rated(0.24))
                                .maxDischargeA(Figure.UNSET)))),
                Map.entry("battery.series-mixed", onTop(lead(Chemistry.AGM, 12))),
                Map.entry("battery.joined-apart", apart()),
                Map.entry(
                        "battery.volts-implausible", pack(p -> p.withLabel(PackLabel.UNKNOWN.withNominalV(rated(24))))),
                Map.entry("battery.second-hand", pack(p -> p.withLabel(p.label().withSecondHand(true)))),
                Map.entry(
                        "battery.stored-badly",
                        pack(p -> p.withKeeping(p.keeping().withStoredC(measured(70))))),
                Map.entry("battery.cells-do-not-add", cells()),
                Map.entry(
                        "battery.worn",
                        pack(p -> p.withTest(
                                new LoadTest(measured(13.4), measured(2), measured(3.5), Figure.UNSET, true)))),
                Map.entry("battery.alternative-short", alternative()),
                Map.entry("battery.charger-other", charged(c -> c.withChemistry(Chemistry.AGM))),
                Map.entry("battery.charged-too-fast", charged(c -> c.withAmps(rated(10)))),
                Map.entry("battery.charged-in-the-cold", frosty()),
                Map.entry(
                        "battery.charged-through-fuse",
                        charged(c -> c.withAmps(rated(5)).withVia("lead"))),
                Map.entry("battery.stands-empty", pack(p -> p.withKeeping(Keeping.UNKNOWN.withDrainA(measured(0.02))))),
                Map.entry("battery.stays-aboard", stays()),
                Map.entry("screen.bus-ends", GOOD.withNetwork(new NetworkPlan(List.of(Shared.READINGS), measured(1)))),
                Map.entry("screen.wants-ethernet", sharing(Shared.SONAR)));
    }

    private static Rig pack(UnaryOperator<Pack> change) {
        return GOOD.with(change.apply(GOOD.harness().pack("pack")));
    }

    private static Pack lead(Chemistry chemistry, double ah) {
        return TestRigs.pack(chemistry, ah).withId("upper").withMassKg(rated(4));
    }

    /** Another pack in series, on a display that stands the volts. */
    private static Rig onTop(Pack upper) {
        Rig rig = GOOD.with(GOOD.device("display")
                .withLimits(GOOD.device("display").limits().withMaxV(rated(32))));
        return with(rig, upper.withOnTopOf("pack"));
    }

    private static Rig with(Rig rig, Pack more) {
        List<Pack> packs = new ArrayList<>(rig.harness().packs());
        packs.add(more);
        return rig.withHarness(rig.harness().withPacks(packs)).with(new Placement(more.id(), "stern-well", true));
    }

    /** Two packs in parallel, one half empty. */
    private static Rig apart() {
        Rig rig = TestRigs.twoScreens();
        return rig.with(rig.harness().packs().get(1).withCharge(measured(0.3)));
    }

    private static Rig cells() {
        return pack(p -> p.with(aa -> aa.chemistry(Chemistry.ALKALINE)
                .capacityAh(rated(20))
                .massKg(rated(1.5))
                .maxDischargeA(Figure.UNSET)));
    }

    private static Rig alternative() {
        Pack small = TestRigs.pack(Chemistry.LIFEPO4, 3)
                .withId("small")
                .withMassKg(rated(0.4))
                .withRole(PackRole.INSTEAD);
        Rig rig = with(GOOD, small);
        List<Segment> segments = new ArrayList<>(rig.harness().segments());
        Segment lead = rig.harness().segment("lead");
        Segment main = lead.withFrom("plug-point");
        segments.set(0, main.withFittings(List.of()));
        segments.add(TestRigs.lead("pack-lead", "pack", "plug-point", new Gauge.Awg(16), 0.3, 5));
        segments.add(TestRigs.lead("small-lead", "small", "plug-point", new Gauge.Awg(16), 0.3, 5));
        return rig.withHarness(rig.harness()
                .with(h -> h.segments(segments).junctions(List.of(new Junction("plug-point", "keyed plug")))));
    }

    private static Rig charged(UnaryOperator<Charger> change) {
        Charger charger = new Charger("charger", "charger", Chemistry.LIFEPO4, 1, rated(3), "pack", "", false);
        return GOOD.withChargers(List.of(change.apply(charger)));
    }

    private static Rig frosty() {
        Rig rig = charged(c -> c.withAboard(true));
        return rig.with(rig.harness().pack("pack").withTempC(measured(-4)));
    }

    private static Rig stays() {
        return GOOD.withSchools(GOOD.schools().withBattery(Schools.Battery.SHUTTLE))
                .with(new Placement("pack", "stern-well", false));
    }

    private static Rig sharing(Shared shared) {
        Rig rig = TestRigs.twoScreens();
        return rig.withDevices(rig.devices().stream()
                        .map(d -> d.withSockets(d.sockets().withPorts(List.of(Port.BUS))))
                        .toList())
                .withNetwork(new NetworkPlan(List.of(shared), measured(2)));
    }
}
