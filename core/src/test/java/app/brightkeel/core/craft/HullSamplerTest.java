package app.brightkeel.core.craft;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.rig.CraftKind;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Integrals over sections against a sampler that only asks whether a point lies inside the hull and under the water. */
public class HullSamplerTest {

    private static final double LONG = 4.1;
    private static final double WIDE = 0.86;
    private static final double DEEP = 0.33;
    private static final int ACROSS = 300;

    @DataProvider
    public Object[][] waterlines() {
        return new Object[][] {
            {CraftKind.SIT_ON_TOP, 0.10, 0.0},
            {CraftKind.SIT_ON_TOP, 0.16, 0.02},
            {CraftKind.PEDAL_KAYAK, 0.12, -0.015},
            {CraftKind.CANOE, 0.09, 0.01},
            {CraftKind.FLAT_BOTTOM_BOAT, 0.20, -0.03}
        };
    }

    /** Volume, its middle and the waterplane by counting thin slices of the same sections, 20 times as many. */
    @Test(dataProvider = "waterlines")
    public void integralsAgreeWithASampler(CraftKind kind, double middle, double slope) {
        Hull hull = new Hull(LONG, WIDE, DEEP, HullShape.of(kind, List.of()));
        Hull.Under under = hull.under(middle, slope);
        double volume = 0;
        double byX = 0;
        double byZ = 0;
        double area = 0;
        double across = 0;
        double dx = LONG / 800;
        for (double x = dx / 2; x < LONG; x += dx) {
            double water = middle + slope * (x - LONG / 2);
            double keel = hull.keelM(x);
            double dz = (water - keel) / ACROSS;
            for (int k = 0; k < ACROSS && dz > 0; k++) {
                double z = keel + (k + 0.5) * dz;
                double slice = 2 * hull.halfWidthM(x, z) * dx * dz;
                volume += slice;
                byX += slice * x;
                byZ += slice * z;
            }
            double half = hull.halfWidthM(x, water);
            area += 2 * half * dx;
            across += 2 * half * half * half / 3 * dx;
        }
        assertEquals(under.volumeM3(), volume, 0.005 * volume);
        assertEquals(under.xM(), byX / volume, 0.005);
        assertEquals(under.zM(), byZ / volume, 0.002);
        assertEquals(under.areaM2(), area, 0.01 * area);
        assertEquals(under.acrossM4(), across, 0.01 * across);
    }

    /** The bottom at a place off the middle is where the half width reaches out to it. */
    @Test
    public void bottomAndHalfWidthAreTheSameSurface() {
        Random random = new Random(5);
        for (CraftKind kind : List.of(CraftKind.SIT_ON_TOP, CraftKind.PEDAL_KAYAK, CraftKind.CANOE)) {
            Hull hull = new Hull(LONG, WIDE, DEEP, HullShape.of(kind, List.of()));
            for (int n = 0; n < 200; n++) {
                double x = LONG * (0.05 + 0.9 * random.nextDouble());
                double y = hull.halfWidthM(x, DEEP) * (0.3 + 0.69 * random.nextDouble());
                double z = hull.bottomM(x, y);
                assertTrue(z >= hull.keelM(x) && z <= DEEP);
                assertEquals(hull.halfWidthM(x, z), y, 1e-3);
                assertEquals(hull.bottomM(x, -y), z, 1e-12);
            }
        }
    }

    /** Whatever is loaded wherever within the hull, the found waterline carries it and stands level over it. */
    @Test
    public void everyFoundWaterlineIsInBalance() {
        Random random = new Random(7);
        int settled = 0;
        for (int n = 0; n < 300; n++) {
            CraftKind kind = List.of(CraftKind.SIT_ON_TOP, CraftKind.PEDAL_KAYAK, CraftKind.CANOE)
                    .get(n % 3);
            Hull hull = new Hull(LONG, WIDE, DEEP, HullShape.of(kind, List.of()));
            List<MassAt> masses = List.of(
                    new MassAt("hull", 30, LONG / 2, 0, 0.15),
                    new MassAt(
                            "angler", 50 + 70 * random.nextDouble(), LONG * (0.4 + 0.2 * random.nextDouble()), 0, 0.3),
                    new MassAt("battery", 20 * random.nextDouble(), LONG * random.nextDouble(), 0.2, 0.1));
            Afloat afloat = Afloat.of(hull, LONG, DEEP, masses, 1000);
            if (afloat.settled()) {
                settled++;
                Hull.Under under = hull.under(afloat.waterM(), afloat.slope());
                double kg = masses.stream().mapToDouble(MassAt::kg).sum();
                double x = masses.stream().mapToDouble(m -> m.kg() * m.xM()).sum() / kg;
                assertEquals(under.volumeM3() * 1000, kg, 1e-4);
                assertEquals(under.xM() - x, -afloat.slope() * (under.zM() - afloat.kgM()), 1e-5);
            }
        }
        assertTrue(settled > 290, "only " + settled + " of 300 settled");
    }
}
