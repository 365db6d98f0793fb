package app.brightkeel.core.battery;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.battery.Simulation.Shift;
import app.brightkeel.core.circuit.Network;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class DischargeTest {

    private static final Network DIRECT =
            new Network(new int[] {-1, 0}, new double[] {0, 0}, new int[] {0, -1}, new int[] {-1, 0});

    private static PackModel ideal(Chemistry chemistry, double ah, double depth) {
        return new PackModel("p", chemistry, 1, ah, 1e-3, 1.0, 1, 1, depth, 0, 1, 0);
    }

    private static List<PackString> sources(PackModel... each) {
        return Stream.of(each).map(pack -> new PackString(List.of(pack))).toList();
    }

    private static DayRun run(PackModel pack, double watts, double minV) {
        double[] power = {watts};
        return new Discharge(DIRECT, sources(pack), new int[] {1}, new double[] {minV}, true)
                .run(List.of(new Discharge.Stretch(1, power)), power, 0);
    }

    /** Without resistance P·t = C·∫V dq: a closed form, for LiFePO4's flat middle and the whole of both curves. */
    @DataProvider
    public Object[][] closedForm() {
        return new Object[][] {
            {Chemistry.LIFEPO4, 0.5, 10.0, End.RESERVE}, {Chemistry.LIFEPO4, 0.9, 10.0, End.RESERVE},
            {Chemistry.AGM, 0.5, 10.0, End.RESERVE}, {Chemistry.AGM, 1.0, 10.0, End.EMPTY}
        };
    }

    @Test(dataProvider = "closedForm")
    public void idealPackGivesChargeTimesMeanVolts(Chemistry chemistry, double depth, double minV, End end) {
        double watts = 13;
        DayRun run = run(ideal(chemistry, 10, depth), watts, minV);
        double energy = 10 * depth * chemistry.data().openCircuit().mean(1 - depth, 1);
        assertEquals(run.hours(), energy / watts, 2e-5 * run.hours());
        assertEquals(run.end(), end);
        assertEquals(run.energy().givenWh(), energy, 0.001 * energy);
    }

    /** Each of the four ends is met, where it should be. */
    @Test
    public void theFourEnds() {
        PackModel lithium = new PackModel("p", Chemistry.LIFEPO4, 1, 10, 5, 1.03, 1, 1, 1, 0.02, 1, 0.0125);
        DayRun minimum = run(lithium, 20, 12.5);
        assertEquals(minimum.end(), End.DEVICE_MINIMUM);
        assertEquals(minimum.points().get(minimum.points().size() - 1).volts(), 12.5, 1e-6);
        assertEquals(run(lithium, 60, 9).end(), End.PACK_CUT_OFF);
        assertEquals(run(lithium.usedTo(0.6), 20, 9).end(), End.RESERVE);
        PackModel lead = new PackModel("p", Chemistry.AGM, 1, 10, 20, 1.1, 1, 1, 1, 0.02, 1, 0);
        assertEquals(run(lead, 5, 9).end(), End.EMPTY);
        assertEquals(run(lithium, 2000, 9).hours(), 0.0, "no operating point at all");
    }

    /** The whole simulation against an adaptive integrator of Hipparchus, wire, resistance and Peukert included, to 0.1 %. */
    @DataProvider
    public Object[][] packs() {
        return new Object[][] {
            {new PackModel("p", Chemistry.LIFEPO4, 1, 12, 5, 1.035, 0.9, 0.88, 0.9, 0.03, 2, 0.0125), 15.0, 0.35},
            {new PackModel("p", Chemistry.AGM, 1, 9, 20, 1.1, 0.86, 0.54, 0.8, 0.022, 1.8, 0), 8.0, 0.07},
            {new PackModel("p", Chemistry.AGM, 1, 9, 20, 1.1, 1, 1, 0.95, 0.022, 1, 0), 25.0, 0.10}
        };
    }

    @Test(dataProvider = "packs")
    public void agreesWithAnAdaptiveIntegrator(PackModel pack, double watts, double wireOhm) {
        Network network =
                new Network(new int[] {-1, 0}, new double[] {0, wireOhm}, new int[] {0, -1}, new int[] {-1, 0});
        double[] power = {watts};
        DayRun run = new Discharge(network, sources(pack), new int[] {1}, new double[] {9}, false)
                .run(List.of(new Discharge.Stretch(0.5, power)), power, 0);
        OrdinaryDifferentialEquation charge = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return 1;
            }

            @Override
            public double[] computeDerivatives(double t, double[] y) {
                double u = pack.restVolts(y[0]);
                double r = pack.ohm(y[0]) + wireOhm;
                double amps = watts / ((u + Math.sqrt(u * u - 4 * watts * r)) / 2);
                return new double[] {-amps / (pack.availableAh() * pack.rateFactor(amps))};
            }
        };
        double left = new DormandPrince853Integrator(1e-6, 0.05, 1e-10, 1e-10)
                .integrate(charge, new ODEState(0, new double[] {1}), run.hours())
                .getPrimaryState()[0];
        assertEquals(run.end(), End.RESERVE);
        assertEquals(left, pack.emptyCharge(), 0.001 * pack.depth());
    }

    /** Low and high by first-order propagation against 4,000 seeded draws of the same uncertain things. */
    @Test
    public void bandAgreesWithASeededSample() {
        for (Rig rig : TestRigs.all()) {
            Simulation simulation = Runtime.STAGE.needs(Line.of(rig)).value();
            Endurance band = Endurance.of(simulation, simulation.run(simulation.planned(), false));
            Random random = new Random(11);
            List<Double> hours = new ArrayList<>();
            for (int i = 0; i < 4000; i++) {
                List<Double> draw =
                        simulation.minV().stream().map(d -> normal(random)).toList();
                hours.add(simulation
                        .run(new Shift(draw, normal(random), normal(random)), false)
                        .hours());
            }
            Collections.sort(hours);
            assertEquals(band.lowH(), hours.get(400), 0.03 * band.median().hours(), rig.name());
            assertEquals(
                    band.median().hours(), hours.get(2000), 0.02 * band.median().hours(), rig.name());
            assertEquals(band.highH(), hours.get(3600), 0.06 * band.median().hours(), rig.name());
        }
    }

    /** In units of the distance between the median and the 10 % point. */
    private static double normal(Random random) {
        return random.nextGaussian() / 1.2816;
    }

    /** Handbook §18: Lantern crate about 3.2 h of 5 in the cold, 5.5 at 20 °C. */
    @Test
    public void lanternCrateLastsAsTheHandbookSays() {
        Rig rig = DemoRigs.lanternCrate();
        assertEquals(hours(rig), 3.2, 0.1);
        assertEquals(hours(rig.withOuting(rig.outing().withAirC(Figure.chosen(20)))), 5.5, 0.15);
    }

    /** Common practice, no source: 9 Ah lead at 0.9 A and 20 °C, 8.7-10 h to empty and 6.5-7.5 h to 80 %. */
    @Test
    public void nineAmpereHoursOfLead() {
        Pack agm = TestRigs.pack(Chemistry.AGM, 9);
        assertEquals(hours(TestRigs.simple(agm.withDepth(Figure.chosen(0.8)), 11, 5, 20)), 7.0, 0.5);
        double empty = hours(TestRigs.simple(agm.withDepth(Figure.chosen(1)), 11, 5, 20));
        assertTrue(empty > 8.2 && empty < 10, "to empty " + empty);
    }

    /**
     * Common practice, no source: two 10 Ah lithium packs at 0 °C ran 11.4 h at full and 14.5 h at half brightness, the
     * backlight being about 43 % of the total: the ratio follows from the split, the hours within 15 % at 20 and 15.6 W.
     */
    @Test
    public void twoLithiumPacksInTheCold() {
        Pack pack = TestRigs.pack(Chemistry.LIFEPO4, 20).withDepth(Figure.chosen(1));
        double full = hours(TestRigs.simple(pack, 20, 5, 0));
        double half = hours(TestRigs.simple(pack, 20 * (1 - 0.43 / 2), 5, 0));
        assertEquals(half / full, 14.5 / 11.4, 0.02);
        assertEquals(full, 11.4, 0.15 * 11.4);
    }

    /** Common practice, no source: a lithium ampere-hour is worth 2-2.25 lead ones used to half, 1.35-1.45 to 80 %. */
    @Test
    public void lithiumIsWorthNearlyTwiceItsLead() {
        double lithium = hours(TestRigs.simple(TestRigs.pack(Chemistry.LIFEPO4, 10), 12, 5, 25));
        Pack agm = TestRigs.pack(Chemistry.AGM, 10);
        double half = hours(TestRigs.simple(agm.withDepth(Figure.chosen(0.5)), 12, 5, 25));
        double deep = hours(TestRigs.simple(agm.withDepth(Figure.chosen(0.8)), 12, 5, 25));
        assertTrue(lithium / half > 1.95 && lithium / half < 2.3, "to half " + lithium / half);
        assertTrue(lithium / deep > 1.25 && lithium / deep < 1.45, "to 80 % " + lithium / deep);
    }

    /** Peukert by hand: 10 Ah rated over 20 h, k 1.2, at 5 A: t = 20 (10 / 100)^1.2 = 1.262 h. */
    @Test
    public void peukertByHand() {
        PackModel pack = new PackModel("p", Chemistry.AGM, 1, 10, 20, 1.2, 1, 1, 1, 0, 1, 0);
        double t = 10 * pack.rateFactor(5) / 5;
        assertEquals(t, 20 * Math.pow(10 / (5.0 * 20), 1.2), 1e-9);
        assertEquals(t, 1.262, 5e-4);
        assertEquals(pack.rateFactor(0.02), 1.0, "20 mA do not outlive the rating");
    }

    /** Two equal packs in parallel run as long as one of twice the size with the same wire behind. */
    @Test
    public void equalPacksInParallelAreOneOfTwiceTheSize() {
        PackModel one = new PackModel("p", Chemistry.LIFEPO4, 1, 10, 5, 1.03, 1, 1, 0.9, 0.02, 1, 0.01);
        PackModel both = new PackModel("p", Chemistry.LIFEPO4, 1, 20, 5, 1.03, 1, 1, 0.9, 0.01, 1, 0.005);
        Network pair = new Network(
                new int[] {-1, 0, 1, 1}, new double[] {0, 0.002, 0.002, 0.1}, new int[] {0, -1, 1, -1}, new int[] {
                    -1, -1, -1, 0
                });
        Network single = new Network(new int[] {-1, 0}, new double[] {0, 0.101}, new int[] {0, -1}, new int[] {-1, 0});
        double[] power = {30};
        DayRun two =
                new Discharge(pair, sources(one, one), new int[] {3}, new double[] {9}, false).run(List.of(), power, 0);
        DayRun large =
                new Discharge(single, sources(both), new int[] {1}, new double[] {9}, false).run(List.of(), power, 0);
        assertEquals(two.hours(), large.hours(), 1e-3 * large.hours());
    }

    /** The balance of energy closes to 0.1 %: the cells by their charge, devices and losses by time. */
    @Test
    public void theBalanceCloses() {
        List<Rig> rigs = new ArrayList<>(TestRigs.all());
        rigs.addAll(DemoRigs.all());
        for (Rig rig : rigs) {
            Energy energy = Line.of(rig).get(Runtime.STAGE).value().energy();
            assertTrue(energy.cellsWh() > energy.devicesWh(), rig.name());
            assertEquals(energy.openShare(), 0, 1e-3, rig.name());
        }
    }

    private static double hours(Rig rig) {
        return Line.of(rig).get(Runtime.STAGE).value().hours();
    }
}
