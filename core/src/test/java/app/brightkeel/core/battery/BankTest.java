package app.brightkeel.core.battery;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Ngspice;
import app.brightkeel.core.TestRigs;
import app.brightkeel.core.circuit.Network;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.Curve;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.SkipException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Several packs: in series, in parallel, instead of each other and one after the other. */
public class BankTest {

    private static final double[] CHARGES = {0, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1};

    private static double hours(Rig rig) {
        return Line.of(rig).get(Runtime.STAGE).value().hours();
    }

    private static Rig with(Rig rig, Pack more) {
        List<Pack> packs = new ArrayList<>(rig.harness().packs());
        packs.add(more);
        return rig.withHarness(rig.harness().withPacks(packs));
    }

    /** Two alike in series are one of twice the blocks; of two that differ the smaller one ends it. */
    @Test
    public void packsInSeries() {
        Pack ten = TestRigs.pack(Chemistry.AGM, 10);
        Rig alone = TestRigs.simple(ten, 12, 5, 20);
        Rig stands = alone.with(alone.devices()
                .get(0)
                .withLimits(alone.devices()
                        .get(0)
                        .limits()
                        .withMinV(Figure.rated(18))
                        .withMaxV(Figure.rated(32))));
        Rig double24 = stands.with(stands.harness().packs().get(0).withBlocks(2));
        Pack upper = ten.withId("upper").withOnTopOf("pack");
        assertEquals(hours(with(stands, upper)), hours(double24), 1e-5 * hours(double24));
        double mixed = hours(with(stands, upper.withCapacityAh(Figure.chosen(6))));
        assertTrue(mixed < 0.62 * hours(double24) && mixed > 0.5 * hours(double24), "mixed " + mixed);
    }

    /** One after the other, two alike last twice as long as one; the change is told, and the balance still closes. */
    @Test
    public void aSpareTakesOver() {
        Pack pack = TestRigs.pack(Chemistry.LIFEPO4, 6);
        Rig one = TestRigs.simple(pack, 11, 5, 5);
        Rig two = with(one, pack.withId("spare").withRole(PackRole.SPARE));
        DayRun run = Line.of(two).get(Runtime.STAGE).value();
        assertEquals(run.hours(), 2 * hours(one), 1e-5 * run.hours());
        assertEquals(run.changesH(), List.of(hours(one)));
        assertEquals(run.energy().openShare(), 0, 1e-3);
        double half =
                hours(with(one, pack.withId("spare").withRole(PackRole.SPARE).withCharge(Figure.measured(0.55))));
        assertTrue(half > 1.4 * hours(one) && half < 1.6 * hours(one), "half charged " + half);
    }

    /** An alternative over a lead of its own runs as it would alone, and does not help while it is not joined. */
    @Test
    public void anAlternativeRunsAlone() {
        Pack large = TestRigs.pack(Chemistry.AGM, 12);
        Rig rig = TestRigs.simple(large, 11, 5, 20);
        Segment lead = rig.harness().segments().get(0);
        Pack small = TestRigs.pack(Chemistry.LIFEPO4, 5).withId("small").withRole(PackRole.INSTEAD);
        List<Segment> segments = List.of(
                lead.withFrom("plug-point"),
                TestRigs.lead("large-lead", "pack", "plug-point", new Gauge.Awg(14), 0.2, 5),
                TestRigs.lead("small-lead", "small", "plug-point", new Gauge.Awg(18), 0.6, 5));
        Harness both = new Harness(
                List.of(rig.harness().packs().get(0), small),
                List.of(new Junction("plug-point", "keyed plug")),
                segments);
        Line line = Line.of(rig.withHarness(both));
        Rig alone = rig.withHarness(both.withPacks(List.of(small.withRole(PackRole.IN_USE)))
                .withSegments(List.of(segments.get(0), segments.get(2))));
        assertEquals(line.get(HoursOnAlternative.STAGE).value().runs().get(0).hours(), hours(alone), 1e-9);
        Rig without = rig.withHarness(
                both.withPacks(List.of(both.packs().get(0))).withSegments(List.of(segments.get(0), segments.get(1))));
        assertEquals(hours(line.entered()), hours(without), 1e-9);
    }

    /** What lasts exactly the day, found by its root: run again with it, it does; a little less does not. */
    @DataProvider
    public Object[][] sizes() {
        return new Object[][] {{Chemistry.LIFEPO4, 11.0, 5.0, 0.0}, {Chemistry.AGM, 7.5, 8.0, -10.0}};
    }

    @Test(dataProvider = "sizes")
    public void theNeededCapacityLastsTheDay(Chemistry chemistry, double watts, double wanted, double celsius) {
        Rig rig = TestRigs.simple(TestRigs.pack(chemistry, 9), watts, wanted, celsius);
        Needed.Capacity needed = Line.of(rig).get(Needed.STAGE).value();
        Pack pack = rig.harness().packs().get(0);
        assertEquals(hours(rig.with(pack.withCapacityAh(Figure.chosen(needed.middleAh())))), wanted, 0.003 * wanted);
        Rig surely = rig.with(pack.withCapacityAh(Figure.chosen(needed.surelyAh())));
        assertEquals(Line.of(surely).get(RuntimeBand.STAGE).value().lowH(), wanted, 0.003 * wanted);
        assertTrue(needed.surelyAh() > needed.middleAh());
    }

    /** No size helps a screen that asks for more volts than the chemistry has. */
    @Test
    public void someRigsNoSizeCanCure() {
        Rig rig = TestRigs.simple(TestRigs.pack(Chemistry.AGM, 9), 8, 5, 20);
        Rig thirsty = rig.with(
                rig.devices().get(0).withLimits(rig.devices().get(0).limits().withMinV(Figure.rated(13.2))));
        assertTrue(Double.isInfinite(Line.of(thirsty).get(Needed.STAGE).value().middleAh()));
    }

    /**
     * How two unlike packs share the current over the discharge, against a transient run of ngspice with the same curves:
     * charge as the voltage of a capacitor, hours as its seconds. Peukert is left out (k = 1), the second pack is worn.
     */
    @Test
    public void sharingAgreesWithNgspice() throws Exception {
        if (!Ngspice.installed()) {
            throw new SkipException(Ngspice.MISSING);
        }
        double watts = 30;
        PackModel new10 = new PackModel("a", Chemistry.LIFEPO4, 1, 10, 5, 1, 1, 1, 1, 0.022, 1, 0.0125);
        PackModel worn = new PackModel("b", Chemistry.LIFEPO4, 1, 10, 5, 1, 0.7, 1, 1, 0.035, 1, 0.0125, 0.95);
        Network network = new Network(
                new int[] {-1, 0, 1, 1}, new double[] {0, 0.01, 0.02, 0.05}, new int[] {0, -1, 1, -1}, new int[] {
                    -1, -1, -1, 0
                });
        double[] power = {watts};
        List<PackString> sources = List.of(new PackString(List.of(new10)), new PackString(List.of(worn)));
        DayRun run = new Discharge(network, sources, new int[] {3}, new double[] {9}, true)
                .run(List.of(new Discharge.Stretch(4, power)), power, 0);
        List<CurvePoint> points = run.points().stream()
                .filter(point -> point.hours() > 0.05 && point.hours() < 0.97 * run.hours())
                .toList();
        String out = Ngspice.run(netlist(new10, worn, watts, points, run.hours()));
        double total = watts / 13;
        for (int i = 0; i < points.size(); i++) {
            CurvePoint point = points.get(i);
            assertEquals(point.amps().get(0), read(out, "a" + i), 0.025 * total, "new, " + point);
            assertEquals(point.amps().get(1), read(out, "b" + i), 0.025 * total, "worn, " + point);
        }
        assertTrue(points.size() > 5, "points " + points.size());
    }

    private static double read(String out, String name) {
        Matcher found = Pattern.compile("(?m)^" + name + "\\s*=\\s*(\\S+)").matcher(out);
        assertTrue(found.find(), out);
        return Double.parseDouble(found.group(1));
    }

    private static String netlist(PackModel a, PackModel b, double watts, List<CurvePoint> at, double hours) {
        StringBuilder text = new StringBuilder("two packs share a load\n");
        pack(text, "a", a);
        pack(text, "b", b);
        text.append("Ra ta joint 0.01\nRb tb joint 0.02\nRl joint load 0.05\n");
        text.append(String.format(Locale.ROOT, "Bl load 0 I=%s/max(v(load),1)%n", watts));
        text.append(String.format(Locale.ROOT, ".tran 0.002 %s 0 0.002 uic%n", hours));
        for (int i = 0; i < at.size(); i++) {
            double when = at.get(i).hours();
            text.append(String.format(Locale.ROOT, ".meas tran a%d find i(Va) at=%.9f%n", i, when));
            text.append(String.format(Locale.ROOT, ".meas tran b%d find i(Vb) at=%.9f%n", i, when));
        }
        return text.append(".end\n").toString();
    }

    /** Rest volts and resistance by charge, an ammeter, and a capacitor that loses its charge with the current. */
    private static void pack(StringBuilder text, String name, PackModel pack) {
        Curve growth = Table.read(Chemistry.class, "resistance-by-charge.csv").curve("charge", "factor");
        String volts = pairs(charge -> pack.restVolts(charge));
        String ohms = pairs(charge -> pack.cellsOhm() * growth.at(charge) + pack.electronicsOhm());
        text.append(String.format(Locale.ROOT, "B%s o%s 0 V=pwl(v(q%s),%s)%n", name, name, name, volts));
        text.append(String.format(
                Locale.ROOT,
                "Bi%s o%s m%s I=(v(o%s)-v(m%s))/pwl(v(q%s),%s)%n",
                name,
                name,
                name,
                name,
                name,
                name,
                ohms));
        text.append(String.format(Locale.ROOT, "V%s m%s t%s 0%n", name, name, name));
        text.append(String.format(Locale.ROOT, "C%s q%s 0 1 ic=%s%n", name, name, pack.startCharge()));
        text.append(String.format(Locale.ROOT, "Bq%s q%s 0 I=i(V%s)/%s%n", name, name, name, pack.availableAh()));
    }

    private static String pairs(java.util.function.DoubleUnaryOperator of) {
        List<String> all = new ArrayList<>();
        for (double charge : CHARGES) {
            all.add(String.format(Locale.ROOT, "%s,%s", charge, of.applyAsDouble(charge)));
        }
        return String.join(",", all);
    }
}
