package app.brightkeel.core.reference;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Wire;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class WireTablesTest {

    private static final double FEET_PER_KILOMETRE = 1000 / 0.3048 / 1000;

    /** NFPA 70 (NEC) chapter 9 table 8: stranded, Ω/1000 ft at 75 °C, uncoated and coated. */
    @DataProvider
    public Object[][] nec() {
        return new Object[][] {
            {18, 7.95, 8.45},
            {16, 4.99, 5.29},
            {14, 3.14, 3.26},
            {12, 1.98, 2.05},
            {10, 1.24, 1.29},
            {8, .778, .809},
            {6, .491, .510}
        };
    }

    /** The area law with 2 % for stranding and 4-6 % for tin stays within 1 % of the printed table. */
    @Test(dataProvider = "nec")
    public void awgAgreesWithNecTable8(int awg, double uncoated, double coated) {
        WireTables.Size size = WireTables.awg(awg);
        double toTable = WireTables.warmth(75) * 1000 / FEET_PER_KILOMETRE;
        assertEquals(size.plainOhmPerM() * toTable, uncoated, 0.01 * uncoated);
        assertEquals(size.tinnedOhmPerM() * toTable, coated, 0.01 * coated);
    }

    /** ASTM B258: the diameter is 0.127 mm × 92^((36 − n) / 39). */
    @Test
    public void areasAreThoseOfAstmB258() {
        for (WireTables.Size size : WireTables.awg()) {
            double diameter = 0.127 * Math.pow(92, (36 - size.awg()) / 39.0);
            assertEquals(size.areaMm2(), Math.PI * diameter * diameter / 4, 6e-4 * size.areaMm2(), size.words());
        }
    }

    /** Handbook: class 5 lies 11-16 % above ρ/A; supplied leads 34, 54, 86 mΩ/m (20, 22, 24 AWG, from memory). */
    @Test
    public void classFiveLiesAboveTheAreaLawAndThinLeadsAreAsMeasured() {
        for (WireTables.Size size : WireTables.metric()) {
            double law = WireTables.IEC_60028_COPPER_OHM_MM2_PER_M / size.areaMm2();
            double above = size.plainOhmPerM() / law - 1;
            assertTrue(above > 0.105 && above < 0.165, size.words() + " " + above);
            assertTrue(size.tinnedOhmPerM() > size.plainOhmPerM());
        }
        assertEquals(WireTables.awg(20).plainOhmPerM(), 0.034, 0.0005);
        assertEquals(WireTables.awg(22).plainOhmPerM(), 0.054, 0.0005);
        assertEquals(WireTables.awg(24).plainOhmPerM(), 0.086, 0.0005);
    }

    /** Flat marine pairs in their jacket, the wide way [mm]: sheets of such cable, values from memory. */
    @DataProvider
    public Object[][] duplex() {
        return new Object[][] {{16, 7.9}, {14, 8.6}, {12, 10.2}, {10, 11.8}};
    }

    @Test(dataProvider = "duplex")
    public void aSheathedPairIsAsWideAsSheetsSay(int awg, double wideMm) {
        double across = Wire.pair(new Gauge.Awg(awg), Figure.UNSET).acrossM();
        assertEquals(across * 1000, wideMm, 0.06 * wideMm);
    }

    /** Thicker copper is never narrower, and the insulation is more than the copper. */
    @Test
    public void widthsGrowWithTheCopper() {
        for (List<WireTables.Size> sizes : List.of(WireTables.awg(), WireTables.metric())) {
            double before = 0;
            for (WireTables.Size size : sizes) {
                double copper = 1.12 * Math.sqrt(4 * size.areaMm2() / Math.PI) / 1000;
                assertTrue(size.outerM() > before && size.outerM() > copper + 0.0008, size.words());
                before = size.outerM();
            }
        }
    }
}
