package app.brightkeel.core.craft;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Hulls whose hydrostatics are known in closed form: a box, and a wedge with its edge down. */
public class AfloatTest {

    private static final double LONG = 4;
    private static final double WIDE = 0.8;
    private static final double DEEP = 0.4;
    private static final double FRESH = 1000;

    private static Smooth flat(double value) {
        return new Smooth(new double[] {0, 1}, new double[] {value, value});
    }

    private static Hull prism(double fullness) {
        return new Hull(LONG, WIDE, DEEP, new HullShape(flat(1), flat(0), flat(fullness)));
    }

    private static Afloat with(double fullness, MassAt... masses) {
        return Afloat.of(prism(fullness), LONG, DEEP, List.of(masses), FRESH);
    }

    /** Smooth goes through its points, turns only where they turn, and is a straight line on a straight line. */
    @Test
    public void aSmoothCurveKeepsToItsPoints() {
        double[] x = {0, 0.1, 0.4, 0.7, 1};
        double[] y = {0, 0.5, 1, 0.9, 0};
        Smooth curve = new Smooth(x, y);
        for (int i = 0; i < x.length; i++) {
            assertEquals(curve.at(x[i]), y[i], 1e-12);
        }
        for (double at = 0; at < 0.4; at += 0.01) {
            assertTrue(curve.at(at + 0.01) >= curve.at(at) && curve.at(at) <= 1, "at " + at);
        }
        assertEquals(new Smooth(new double[] {0, 0.3, 1}, new double[] {1, 1.6, 3}).at(0.5), 2, 1e-12);
    }

    @DataProvider
    public Object[][] masses() {
        return new Object[][] {{40.0}, {120.0}, {300.0}, {600.0}};
    }

    /** Box: T = Δ/(ρLB), KB = T/2, BM = B²/(12T), fore and aft L²/(12T); naval architecture texts, closed form. */
    @Test(dataProvider = "masses")
    public void aBoxFloatsAsAlgebraSays(double kg) {
        Afloat box = with(0, new MassAt("load", kg, LONG / 2, 0, 0.1));
        double draught = kg / (FRESH * LONG * WIDE);
        assertTrue(box.settled());
        assertEquals(box.waterM(), draught, 1e-6);
        assertEquals(box.kbM(), draught / 2, 1e-6);
        assertEquals(box.bmM(), WIDE * WIDE / (12 * draught), 1e-5);
        assertEquals(box.bmAlongM(), LONG * LONG / (12 * draught), 1e-3);
        assertEquals(box.slope(), 0, 1e-9);
    }

    /**
     * The worked example of ship stability texts: a box-shaped vessel of 65 by 12 by 8 m with KG 4 m floats in salt water
     * at 4 m: KB 2, BM 12²/(12·4) = 3, GM 1.00 m; 20 t shifted 6 m athwart heel it by atan(w·d/(W·GM)). Values from
     * memory.
     */
    @Test
    public void theWorkedExampleOfTheTexts() {
        Hull barge = new Hull(65, 12, 8, new HullShape(flat(1), flat(0), flat(0)));
        double tonnes = 65 * 12 * 4 * 1.025;
        List<MassAt> masses =
                List.of(new MassAt("ship", (tonnes - 20) * 1000, 32.5, 0, 4), new MassAt("weight", 20_000, 32.5, 6, 4));
        Afloat afloat = Afloat.of(barge, 65, 8, masses, 1025);
        assertEquals(afloat.waterM(), 4, 1e-6);
        assertEquals(afloat.kbM(), 2, 1e-6);
        assertEquals(afloat.bmM(), 3, 1e-5);
        assertEquals(afloat.gmM(), 1, 1e-5);
        assertEquals(Math.toDegrees(afloat.heelRad()), Math.toDegrees(Math.atan(20 * 6 / tonnes)), 1e-4);
    }

    /** Wedge: ∇ = L·b·T/2 with b = B·T/D, KB = 2T/3, BM = b²/(6T); closed form. */
    @Test(dataProvider = "masses")
    public void aWedgeFloatsAsAlgebraSays(double kg) {
        Afloat wedge = with(1, new MassAt("load", kg, LONG / 2, 0, 0.1));
        double draught = Math.sqrt(2 * kg / FRESH * DEEP / (LONG * WIDE));
        double breadth = WIDE * draught / DEEP;
        assertEquals(wedge.waterM(), draught, 1e-6);
        assertEquals(wedge.kbM(), 2 * draught / 3, 1e-6);
        assertEquals(wedge.bmM(), breadth * breadth / (6 * draught), 1e-5);
    }

    /** A small mass moved by d: tan φ = m·d/(Δ·GM) athwart; fore and aft the box trims so that B stands under G. */
    @Test
    public void heelAndTrimOfABox() {
        MassAt load = new MassAt("load", 150, LONG / 2, 0, 0.15);
        Afloat heeled = with(0, load, new MassAt("battery", 10, LONG / 2, 0.3, 0.15));
        double draught = 160 / (FRESH * LONG * WIDE);
        double gm = draught / 2 + WIDE * WIDE / (12 * draught) - 0.15;
        assertEquals(Math.tan(heeled.heelRad()), 10 * 0.3 / (160 * gm), 1e-6);
        assertEquals(heeled.waterM(LONG / 2, 0.3) - heeled.waterM(LONG / 2, 0), 0.3 * 10 * 0.3 / (160 * gm), 1e-6);

        Afloat trimmed = with(0, load, new MassAt("battery", 10, 3.5, 0, 0.15));
        double along = draught / 2 + LONG * LONG / (12 * draught) - 0.15;
        assertTrue(trimmed.trimRad() > 0, "a mass aft lifts the bow");
        assertEquals(Math.tan(trimmed.trimRad()), 10 * 1.5 / (160 * along), 2e-5);
    }

    /**
     * Wall-sided formula of naval architecture texts (from memory): tan φ · (GM + ½·BM·tan² φ) = yG, exact for a box until an
     * edge comes under or out. The box at 0.2 m draught: BM 0.8²/(12·0.2), KM 0.3667; both edges at tan φ = 0.2/0.4 = 26.6°.
     */
    @DataProvider
    public Object[][] farOver() {
        return new Object[][] {
            // gm, tangent of the heel; not a number where it goes over
            {0.066667, 0.2},
            {0.066667, 0.3},
            {0.066667, 0.45},
            {0.066667, Double.NaN},
            {0.15, 0.4},
            {0.15, Double.NaN}
        };
    }

    @Test(dataProvider = "farOver")
    public void farOverItStandsWhereTheSectionsSay(double gm, double tan) {
        double bm = WIDE * WIDE / (12 * 0.2);
        boolean goes = Double.isNaN(tan);
        double side = goes ? 0.5 * (gm + bm * 0.25 / 2) * 1.2 : tan * (gm + bm * tan * tan / 2);
        double kg = FRESH * LONG * WIDE * 0.2;
        double height = 0.1 + bm - gm;
        for (double hand : new double[] {1, -1}) {
            Afloat over = with(0, new MassAt("load", kg, LONG / 2, hand * side, height));
            assertEquals(over.gmM(), gm, 1e-5);
            assertEquals(over.goesOver(), goes);
            assertEquals(Math.tan(over.heelRad()), hand * (goes ? 0.5 : tan), 2e-3);
        }
    }

    /** Another integration of the same sections, by upright strips between bottom and water: where it stands, B is under G. */
    @Test
    public void whereItStandsBuoyancyIsUnderTheWeight() {
        for (CraftKind kind : List.of(CraftKind.SIT_ON_TOP, CraftKind.CANOE, CraftKind.FLAT_BOTTOM_BOAT)) {
            Hull hull = new Hull(LONG, WIDE, DEEP, HullShape.of(kind, List.of()));
            Afloat upright = Afloat.of(hull, LONG, DEEP, List.of(new MassAt("all", 150, LONG / 2, 0, 0.2)), FRESH);
            double side = Math.tan(Math.toRadians(14)) * upright.gmM();
            MassAt all = new MassAt("all", 150, LONG / 2, side, 0.2);
            Afloat over = Afloat.of(hull, LONG, DEEP, List.of(all), FRESH);
            assertFalse(over.goesOver(), kind + " goes over at " + Math.toDegrees(over.heelRad()));
            double[] centre = strips(hull, 150 / FRESH, over.slope(), Math.tan(over.heelRad()));
            double arm = (centre[0] - side) * Math.cos(over.heelRad()) + (centre[1] - 0.2) * Math.sin(over.heelRad());
            assertEquals(arm, 0, 2e-3, kind + " at " + Math.toDegrees(over.heelRad()));
        }
    }

    /** Centre of so much under a heeled water, y and z. */
    private static double[] strips(Hull hull, double volumeM3, double slope, double tan) {
        double low = -1;
        double high = 1;
        double[] sum = {0, 0, 0};
        for (int halving = 0; halving < 30; halving++) {
            double middle = (low + high) / 2;
            sum = new double[] {0, 0, 0};
            double step = 0.01;
            for (double x = step; x < LONG; x += 2 * step) {
                for (double y = -WIDE / 2 + step / 2; y < WIDE / 2; y += step) {
                    double bottom = hull.bottomM(x, y);
                    double top = Math.min(DEEP, middle + slope * (x - LONG / 2) + y * tan);
                    if (top > bottom) {
                        double piece = (top - bottom) * 2 * step * step;
                        sum[0] += piece * y;
                        sum[1] += piece * (top + bottom) / 2;
                        sum[2] += piece;
                    }
                }
            }
            if (sum[2] < volumeM3) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return new double[] {sum[0] / sum[2], sum[1] / sum[2]};
    }

    /** Under GM 0.05 m there is no figure; beyond the ends no level; over the deck none the less a waterline. */
    @Test
    public void whereThereIsNoFigure() {
        Afloat tender = with(0, new MassAt("load", 600, LONG / 2, 0.1, 0.6));
        assertFalse(tender.steady());
        assertEquals(tender.heelRad(), 0.0);
        assertFalse(with(0, new MassAt("load", 100, 9, 0, 0.1)).settled());
        Afloat sunk = with(0, new MassAt("load", 2000, LONG / 2, 0, 0.1));
        assertTrue(sunk.settled());
        assertEquals(sunk.freeM(), DEEP - 2000 / (FRESH * LONG * WIDE), 1e-6);
    }

    /** Waterplane coefficients of 0.65 to 0.75 and a draught of 0.08 to 0.18 m when loaded; values from memory. */
    @DataProvider
    public Object[][] presets() {
        return new Object[][] {
            {CraftKind.SIT_ON_TOP, 3.9, 0.80, 0.30, 125.0},
            {CraftKind.PEDAL_KAYAK, 4.2, 0.92, 0.34, 160.0},
            {CraftKind.CANOE, 4.9, 0.90, 0.36, 150.0}
        };
    }

    /** KB ≈ T·(5/6 − Cb/(3·Cwp)) and I ≈ 1.03·Cwp²·L·B³/12 stand within a tenth of what is integrated. */
    @Test(dataProvider = "presets")
    public void presetsAgreeWithTheRulesOfThumb(CraftKind kind, double l, double b, double d, double kg) {
        Hull hull = new Hull(l, b, d, HullShape.of(kind, List.of()));
        Afloat afloat = Afloat.of(hull, l, d, List.of(new MassAt("all", kg, l / 2, 0, 0.3)), FRESH);
        double t = afloat.waterM();
        assertTrue(t > 0.08 && t < 0.18, "draught " + t);
        Hull.Under under = hull.under(t, 0);
        double first = l;
        double last = 0;
        double beam = 0;
        for (int i = 0; i <= 400; i++) {
            double x = l * i / 400;
            double half = hull.halfWidthM(x, t);
            beam = Math.max(beam, 2 * half);
            if (half > 0) {
                first = Math.min(first, x);
                last = Math.max(last, x);
            }
        }
        double waterline = last - first;
        double cwp = under.areaM2() / (waterline * beam);
        double cb = under.volumeM3() / (waterline * beam * t);
        assertTrue(cwp > 0.63 && cwp < 0.78, "Cwp " + cwp);
        assertEquals(under.zM(), t * (5.0 / 6 - cb / (3 * cwp)), 0.1 * t);
        double rough = 1.03 * cwp * cwp * waterline * beam * beam * beam / 12;
        assertEquals(under.acrossM4(), rough, 0.1 * rough);
    }

    /** The face of an arm hangs by the hull's lowest line, that of a scupper mount by the bottom at its own place. */
    @Test
    public void facesHangFromWhatHoldsThem() {
        Rig rig = DemoRigs.oystercatcher();
        Line line = Line.of(rig);
        Afloat afloat = line.get(FloatStage.STAGE).value();
        Face scupper = line.get(FaceStage.STAGE).value().faces().get(0);
        Hull hull = line.needs(FloatStage.STAGE).value().hull();
        assertEquals(scupper.underM(), afloat.waterM(2.6, -0.2) - hull.bottomM(2.6, -0.2) + 0.02, 1e-9);
        Transducer moved = rig.transducers().get(0);
        Face arm = Line.of(rig.with(moved.withMount(moved.mount()
                        .withKind(MountKind.SWING_ARM)
                        .withStation("arm-left")
                        .withBelowM(Figure.UNSET))))
                .get(FaceStage.STAGE)
                .value()
                .faces()
                .get(0);
        assertEquals(arm.zM(), hull.keelM(1.75) - 0.025, 1e-9);
        Face ice = Line.of(DemoRigs.lanternCrate())
                .get(FaceStage.STAGE)
                .value()
                .faces()
                .get(0);
        assertEquals(ice.underM(), 0.45);
        assertEquals(ice.tiltRad(), 0.0);
    }

    /** What has no mass or no place is named and not counted, and what decides the rest is asked for. */
    @Test
    public void whatIsNotKnownIsNamed() {
        Rig rig = DemoRigs.oystercatcher().withPlaces(List.of());
        FloatNeeds needs = Line.of(rig).needs(FloatStage.STAGE).value();
        assertEquals(needs.aboard().unknown(), List.of("7-in chirp display", "12 Ah LiFePO4"));
        assertEquals(needs.kilogramPerM3(), 1000 + 25.0 * 10 / 35, 1e-9);
        Rig bare = Rig.blank("new", CraftKind.CANOE);
        assertEquals(
                Line.of(bare).get(FloatStage.STAGE).missing(),
                List.of(
                        "/craft/lengthM",
                        "/craft/beamM",
                        "/craft/depthM",
                        "/craft/massKg",
                        "/craft/seatM",
                        "/craft/seatHeightM",
                        "/angler/massKg"));
    }
}
