package app.brightkeel.core.protection;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.circuit.DropFormula;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.protection.ProtectionState.Place;
import app.brightkeel.core.protection.ProtectionState.Zone;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.reference.WireTables;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Insulation;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Limits;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Wire;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ProtectionTest {

    /** ABYC E-11 gauge table at 12 V and 3 %: amperes, round-trip feet, AWG. */
    @DataProvider
    public Object[][] abycGauges() {
        return new Object[][] {
            {5, 10, 18},
            {5, 15, 16},
            {5, 20, 14},
            {5, 25, 14},
            {5, 30, 12},
            {10, 10, 14},
            {10, 15, 12},
            {10, 20, 12},
            {10, 25, 10},
            {10, 30, 10},
            {15, 10, 12},
            {15, 15, 10},
            {15, 20, 10},
            {15, 25, 8},
            {20, 10, 12},
            {20, 15, 10},
            {20, 20, 8},
            {25, 10, 10}
        };
    }

    /** The table's own formula CM = 10.75·I·L/E on our areas gives its gauge, and our drop there is near 3 % of 12 V. */
    @Test(dataProvider = "abycGauges")
    public void gaugesOfAbycE11(int amps, int roundTripFeet, int awg) {
        DropFormula formula = new DropFormula(amps, roundTripFeet * 0.3048, 0.36);
        assertEquals(formula.smallestAwg().orElseThrow().awg(), awg);
        double drop = amps * roundTripFeet * 0.3048 * WireTables.awg(awg).plainOhmPerM() * WireTables.warmth(29);
        assertTrue(drop < 0.36 * 1.05, "drop " + drop);
    }

    /** ABYC E-11 and ISO 10133 from memory; the factor for air by hand: √((105 − 50) / 75) = 0.856. */
    @DataProvider
    public Object[][] ampacities() {
        return new Object[][] {
            {new Gauge.Awg(18), Insulation.C105, 2, 20, 20.0}, {new Gauge.Awg(18), Insulation.C60, 2, 20, 10.0},
            {new Gauge.Awg(22), Insulation.C105, 2, 30, 7.0}, {new Gauge.Metric(1.5), Insulation.C105, 3, 20, 17.5},
            {new Gauge.Awg(12), Insulation.C105, 6, 20, 27.0}, {new Gauge.Awg(12), Insulation.C105, 24, 20, 22.5},
            {new Gauge.Awg(12), Insulation.C105, 25, 20, 18.0}, {new Gauge.Awg(10), Insulation.C105, 2, 50, 51.38}
        };
    }

    @Test(dataProvider = "ampacities")
    public void ampacityByTableBundleAndAir(Gauge gauge, Insulation insulation, int bundled, double air, double amps) {
        Wire wire = new Wire(gauge, Figure.chosen(1), false, insulation, true, bundled, false, "", 0);
        assertEquals(new Ampacity(wire, air).amps(), amps, 0.01);
    }

    /** ISO 8820-3 (from memory) and cold resistances of the handbook; sizes between follow the product of both. */
    @Test
    public void bladeFuses() {
        assertEquals(FuseTables.openings().get(0), new FuseTables.Opening(1.35, 0.75, 600));
        assertEquals(FuseTables.openings().get(4), new FuseTables.Opening(6, 0.02, 0.1));
        assertEquals(FuseTables.coldOhm(3), 0.031, 1e-9);
        assertEquals(FuseTables.coldOhm(20), 0.0034, 1e-9);
        assertTrue(FuseTables.coldOhm(2) > 0.031 && FuseTables.coldOhm(4) < 0.031 && FuseTables.coldOhm(40) > 0);
    }

    /**
     * The constant of IEC 60364-4-43 by hand. PVC copper, 70 to 160 °C: 226·√ln(394.5/304.5) = 226·√0.25893 = 115.0, the
     * printed 115. A wire already at 105 °C: 226·√ln(394.5/339.5) = 226·√0.15015 = 87.57, the handbook's 88. 0.5 s of 200 A
     * through 1 mm² of PVC: 20,000 A²s against 13,225, it burns; 1.5 mm² stands 29,756.
     */
    @Test
    public void adiabaticConstantAndTwoWiresByHand() {
        assertEquals(Adiabatic.k(70, 160), 115, 0.1);
        assertEquals(Adiabatic.k(105, 160), 88, 0.5);
        assertEquals(Adiabatic.k(105, 160), 87.57, 0.01);
        Wire thin = Wire.pair(new Gauge.Metric(1), Figure.chosen(1)).withInsulation(Insulation.C60);
        Wire thick = thin.withGauge(new Gauge.Metric(1.5));
        assertEquals(new Adiabatic(thin).withstandA2s(), 13_225, 15);
        assertEquals(new Adiabatic(thick).withstandA2s(), 29_756, 30);
        assertTrue(new Adiabatic(thin).seconds(200) < 0.5 && new Adiabatic(thick).seconds(200) > 0.5);
        Wire marine = thin.withInsulation(Insulation.C105);
        assertEquals(new Adiabatic(marine).withstandA2s(), 87.57 * 87.57, 2);
    }

    /** ISO 8820-3 from memory at its own points; between them straight on logarithms, beyond them the same heat. */
    @DataProvider
    public Object[][] slowEdge() {
        return new Object[][] {
            {1.1, Double.POSITIVE_INFINITY},
            {1.35, 600.0},
            {1.6, 50.0},
            {2.0, 5.0},
            {3.5, 0.5},
            {6.0, 0.1},
            {Math.sqrt(2 * 3.5), Math.sqrt(5 * 0.5)},
            {12.0, 0.025}
        };
    }

    @Test(dataProvider = "slowEdge")
    public void slowEdgeOfTheBand(double multiple, double seconds) {
        assertEquals(FuseTables.slowestS(multiple), seconds, 1e-9);
    }

    /**
     * Oystercatcher by hand: the far short of 28.93 A is 5.79 times its 5 A; there the slow edge stands at 0.5 s ·
     * (0.1/0.5)^(ln(5.786/3.5)/ln(6/3.5)) = 0.1112 s, so 93.1 A²s; at six times 30² · 0.1 = 90. Its 22 AWG of 105 °C stands
     * (87.57 · 0.3255)² = 812. With 20 A in 18 AWG and a far short of just 40 A: 40² · 5 = 8,000 against 5,194, it burns.
     */
    @Test
    public void heatLetThroughByHand() {
        FuseDuty duty =
                Line.of(DemoRigs.oystercatcher()).get(Protection.STAGE).value().main();
        assertEquals(duty.zone().letThrough().a2s(), 93.1, 0.3);
        assertEquals(duty.zone().letThrough().amps(), duty.zone().farShortA(), 0);
        assertEquals(duty.zone().withstandA2s(), 812.4, 1);
        assertEquals(new Adiabatic(Wire.pair(new Gauge.Awg(18), Figure.chosen(1))).withstandA2s(), 5194, 5);
    }

    /** A sheathed fuse may sit 72 in from the terminal, 40 in from a plug or another point (ABYC E-11, from memory). */
    @Test
    public void placeDependsOnWhatFeedsIt() {
        Rig plugged = DemoRigs.oystercatcher();
        plugged = plugged.with(
                plugged.harness().pack("pack").withEnding(Ending.of(Ending.Terminal.QUICK_PLUG, Ending.Half.SHROUDED)));
        FuseDuty duty = Line.of(plugged).get(Protection.STAGE).value().main();
        assertEquals(duty.place().allowedM(), 1.02, 0);
        Segment lead = plugged.harness().segment("lead");
        Rig bare = plugged.with(lead.withWire(lead.wire().withSheathed(false)));
        assertEquals(Line.of(bare).get(Protection.STAGE).value().main().place().allowedM(), 0.178, 0);
    }

    /** Each branch's fuse knows the one before it; the pack fuses stand first. */
    @Test
    public void fusesKnowWhatStandsUpstream() {
        List<FuseDuty> duties =
                Line.of(DemoRigs.gannet()).get(Protection.STAGE).value().fuses();
        assertEquals(duties.stream().map(duty -> duty.place().upstream()).toList(), List.of(-1, 0, 0, 0, 0));
        assertEquals(duties.get(0).behind().size(), 4);
        assertTrue(duties.get(0).startA() > duties.get(0).loadA() + 4, "its module starts with 75 W");
    }

    /**
     * Oystercatcher by hand: rest volts 12.70 at 10 % charge; cells 22.5 mΩ × 10 / 12 × 1.56 (11 °C) × 2.5 + 12.5 mΩ =
     * 85.6 mΩ; 6.4 m of 22 AWG at 11 °C 333.5 mΩ; fuse 17.8 mΩ, plug 2 mΩ: 12.70 / 0.4389 = 28.9 A. Load 15 W / 10 V.
     */
    @Test
    public void dutyOfOneFuseByHand() {
        FuseDuty duty =
                Line.of(DemoRigs.oystercatcher()).get(Protection.STAGE).value().main();
        assertEquals(duty.zone().farShortA(), 28.93, 0.05);
        assertEquals(duty.loadA(), 1.5, 1e-9);
        assertEquals(duty.zone().ampacityA(), 7, 1e-9);
        assertEquals(duty.place().distanceM(), 0.10, 1e-9);
        assertEquals(duty.place().allowedM(), Place.SHEATHED_M, 0);
    }

    /** In a branched harness the fuse of each lead guards its device, the two pack fuses come first and carry all. */
    @Test
    public void branchesAreGuardedByTheirOwnFuses() {
        ProtectionState state =
                Line.of(TestRigs.twoScreens()).get(Protection.STAGE).value();
        assertEquals(state.bareDevices().size(), 0);
        for (int device = 0; device < 3; device++) {
            assertEquals(
                    state.fuses()
                            .get(state.guards().get(device))
                            .devices()
                            .get(0)
                            .intValue(),
                    device);
        }
        assertEquals(state.fuses().stream().filter(duty -> duty.place().first()).count(), 2);
        double all = state.fuses().stream()
                .filter(duty -> duty.place().first())
                .findFirst()
                .orElseThrow()
                .loadA();
        double branches = state.fuses().stream()
                .filter(f -> !f.place().first())
                .mapToDouble(FuseDuty::loadA)
                .sum();
        assertEquals(all, branches, 1e-9);
    }

    /** A fuse further out does not help the wire before it, and the second fuse of a row guards from there on. */
    @Test
    public void secondFuseInARowGuardsFromThereOn() {
        Rig rig = DemoRigs.oystercatcher();
        Segment lead = rig.harness().segment("lead");
        Fitting.Fuse first = (Fitting.Fuse) lead.fittings().get(0);
        Fitting.Fuse second = first.withId("second")
                .withName("second fuse")
                .withRatingA(Figure.rated(3))
                .withAtM(Figure.measured(2));
        ProtectionState state = Line.of(rig.with(lead.withFittings(List.of(first, second))))
                .get(Protection.STAGE)
                .value();
        assertEquals(state.fuses().size(), 2);
        assertEquals(state.guards(), List.of(1));
        FuseDuty main = state.main();
        assertEquals(main.id(), first.id());
        assertTrue(!state.fuses().get(1).place().first());
        assertEquals(state.fuses().get(1).place().distanceM(), 2, 1e-9);
        assertEquals(main.loadA(), state.fuses().get(1).loadA(), 1e-9);
    }

    /** The dead short at the fuse by hand: 13.40 V over warm cells of 18.75 mΩ and 0.2 m of 22 AWG at 11 °C, 10.4 mΩ. */
    @Test
    public void deadShortByHand() {
        FuseDuty duty =
                Line.of(DemoRigs.oystercatcher()).get(Protection.STAGE).value().main();
        assertEquals(duty.sourceShortA(), 13.40 / (0.01875 + 0.2 * 0.05212), 1.0);
        assertEquals(duty.breakingA(), 1000, 0);
    }

    /** Without a fuse every device is bare; with no place given for one the stage waits for it. */
    @Test
    public void bareLeadsAndFusesWithoutAPlace() {
        Rig rig = TestRigs.twoScreens();
        Rig bare = rig;
        for (Segment segment : rig.harness().segments()) {
            bare = bare.with(segment.withFittings(List.of()));
        }
        ProtectionState state = Line.of(bare).get(Protection.STAGE).value();
        assertEquals(state.bareDevices(), List.of(0, 1, 2));
        assertEquals(state.guards(), List.of(-1, -1, -1));
        Segment lead = DemoRigs.oystercatcher().harness().segment("lead");
        Fitting.Fuse placeless = ((Fitting.Fuse) lead.fittings().get(0)).withAtM(Figure.UNSET);
        assertEquals(
                Line.of(DemoRigs.oystercatcher().with(lead.with(placeless)))
                        .get(Protection.STAGE)
                        .missing(),
                List.of("/harness/segments/0/fittings/0/atM"));
    }

    /** Two packs of 20 mΩ, each over 0.3 m of AWG 14 with 15 A, meet at a bus; 2 m of AWG 18 lead on, fused at 0.1 m. */
    private static Rig joined(List<Fitting> onward) {
        Rig rig = TestRigs.simple(TestRigs.pack(Chemistry.LIFEPO4, 20).withCellsOhm(Figure.measured(0.02)), 20, 6, 20);
        Pack pack = rig.harness().packs().get(0).withElectronicsOhm(Figure.measured(0));
        String device = rig.devices().get(0).id();
        return rig.with(rig.devices()
                        .get(0)
                        .withLimits(new Limits(Figure.rated(10), Figure.rated(17), Figure.rated(20), Figure.UNSET)))
                .withHarness(new Harness(
                        List.of(pack, pack.withId("other").withName("other pack")),
                        List.of(new Junction("bus", "bus")),
                        List.of(
                                TestRigs.lead("a", pack.id(), "bus", new Gauge.Awg(14), 0.3, 15),
                                TestRigs.lead("b", "other", "bus", new Gauge.Awg(14), 0.3, 15),
                                TestRigs.lead("on", "bus", device, new Gauge.Awg(18), 2, 5)
                                        .withFittings(onward))));
    }

    private static final Fitting.Fuse ONWARD = new Fitting.Fuse(
            "onward", "fuse of the trunk", Figure.rated(5), Fitting.Form.BLADE, Figure.chosen(0.5), Figure.UNSET);

    /**
     * Packs that are joined drive a short together. By nodes: behind the joint (V/r1 + V/r2) / (1 + rs·(1/r1 + 1/r2)); back
     * through the one's own fuse what the other gives over its lead and the rest of the first's.
     */
    @Test
    public void joinedPacksFeedAShortTogether() {
        ProtectionState state =
                Line.of(joined(List.of(ONWARD))).get(Protection.STAGE).value();
        double warm = WireTables.warmth(20);
        double leadOhm = 2 * WireTables.awg(14).plainOhmPerM() * warm;
        double onOhm = 2 * WireTables.awg(18).plainOhmPerM() * warm;
        double least = 0.02;
        double volts = Chemistry.LIFEPO4.data().openCircuit().at(1);
        double own = least + 0.3 * leadOhm;
        double both = 2 * volts / own / (1 + 0.5 * onOhm * 2 / own);
        assertEquals(duty(state, "onward").sourceShortA(), both, both * 1e-9);
        FuseDuty first = state.fuses().get(0);
        assertEquals(first.sourceShortA(), volts / (least + 0.1 * leadOhm), 1e-6);
        double back = volts / (own + 0.2 * leadOhm);
        assertEquals(first.breaksA(), Math.max(first.sourceShortA(), back), 1e-6);
    }

    private static FuseDuty duty(ProtectionState state, String id) {
        return state.fuses().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Behind the joint 15 A and 15 A pass together: more than AWG 18 carries (20 A) and than the maker allows. */
    @Test
    public void behindAJointTheSumPasses() {
        ProtectionState state = Line.of(joined(List.of())).get(Protection.STAGE).value();
        Zone zone = state.fuses().get(0).zone();
        assertEquals(zone.letsA(), 30, 0);
        assertEquals(zone.thinnest(), 2);
        assertEquals(state.guardA(), List.of(30.0));
        Rig rig = joined(List.of());
        List<String> failing = new RigReviewer()
                .review(Line.of(rig)).findings().stream()
                        .filter(f -> f.verdict() == Verdict.FAILS)
                        .map(Finding::rule)
                        .toList();
        assertTrue(failing.containsAll(List.of("fuse.above-ampacity", "fuse.above-maker-maximum")), failing.toString());
        ProtectionState fused =
                Line.of(joined(List.of(ONWARD))).get(Protection.STAGE).value();
        assertEquals(fused.guardA(), List.of(5.0));
    }

    /** A branch with a fuse at its root is that one's to protect; with the fuse farther on the stub is the main fuse's. */
    @Test
    public void aBranchFusedAtItsRootIsNotTheMainFusesToProtect() {
        Rig gannet = DemoRigs.gannet();
        Segment five = gannet.harness().segment("five-lead");
        Segment thin = five.withWire(five.wire().withGauge(new Gauge.Awg(24)));
        Fitting.Fuse own = (Fitting.Fuse) five.fittings().get(0);
        int place = gannet.harness().segments().indexOf(five);
        double trunk = main(gannet.with(thin.with(own.withAtM(Figure.measured(0.05)))))
                .zone()
                .ampacityA();
        assertEquals(trunk, main(gannet).zone().ampacityA(), 0);
        Zone stub =
                main(gannet.with(thin.with(own.withAtM(Figure.measured(0.4))))).zone();
        assertEquals(stub.thinnest(), place);
        assertTrue(stub.ampacityA() < trunk);
    }

    private static FuseDuty main(Rig rig) {
        return Line.of(rig).get(Protection.STAGE).value().main();
    }
}
