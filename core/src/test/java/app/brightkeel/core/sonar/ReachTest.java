package app.brightkeel.core.sonar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.hipparchus.analysis.solvers.BrentSolver;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Francois & Garrison and what follows from it, against the tables of handbook §3, which are computed from memory. */
public class ReachTest {

    /** kHz, then dB/km at 10 m: sea of 35 g/kg at 10 and 20 °C, fresh water at 4 and 15 °C. */
    @DataProvider
    public Object[][] absorption() {
        return new Object[][] {
            {50, 15.4, 13.0, 1.0, 0.65},
            {83, 28.3, 29.4, 2.8, 1.8},
            {200, 54.4, 77.0, 16.1, 10.4},
            {455, 111, 136, 83.6, 53.7},
            {800, 246, 236, 258, 166}
        };
    }

    @Test(dataProvider = "absorption")
    public void swallowedOnAKilometre(double kiloHertz, double sea10, double sea20, double fresh4, double fresh15) {
        assertEquals(new Absorption(10, 35, 10).decibelPerKm(kiloHertz), sea10, 0.006 * sea10);
        assertEquals(new Absorption(20, 35, 10).decibelPerKm(kiloHertz), sea20, 0.006 * sea20);
        assertEquals(new Absorption(4, 0, 10).decibelPerKm(kiloHertz), fresh4, 0.03 * fresh4);
        assertEquals(new Absorption(15, 0, 10).decibelPerKm(kiloHertz), fresh15, 0.03 * fresh15);
    }

    /** Without salt the boric and the magnesium terms vanish: what is left grows with the square of the frequency. */
    @Test
    public void freshWaterLeavesTheWatersOwnPart() {
        Absorption fresh = new Absorption(8, 0, 10);
        assertEquals(fresh.decibelPerKm(800) / fresh.decibelPerKm(50), 256, 1e-9);
        assertTrue(new Absorption(8, 5, 10).decibelPerKm(50) > fresh.decibelPerKm(50));
    }

    /** Rated in fresh water, then in the sea at 15 °C: for a fish, for the bottom [m]. */
    @DataProvider
    public Object[][] reaches() {
        return new Object[][] {{83, 300, 175, 135}, {200, 240, 125, 98}, {455, 90, 65, 57}, {800, 45, 38, 36}};
    }

    @Test(dataProvider = "reaches")
    public void ratedDepthInTheSea(double kiloHertz, double rated, double fish, double bottom) {
        Reach reach = Reach.of(rated, kiloHertz, new Absorption(15, 35, 10));
        assertEquals(reach.fishM(), fish, 0.6);
        assertEquals(reach.bottomM(), bottom, 0.6);
        assertEquals(reach.plannedM(), 0.8 * Math.min(reach.fishM(), reach.bottomM()), 1e-12);
    }

    /** Equal two-way loss found by a library's root finding, over waters from ice to tropics. */
    @Test(dataProvider = "reaches")
    public void agreesWithALibrarysRoot(double kiloHertz, double rated, double fish, double bottom) {
        double there = Reach.RATED_IN.decibelPerKm(kiloHertz) / 1000;
        for (double waterC : new double[] {-1, 4, 12, 30}) {
            for (double salinity : new double[] {0, 8, 35, 40}) {
                Absorption water = new Absorption(waterC, salinity, 10);
                double here = water.decibelPerKm(kiloHertz) / 1000;
                double root = new BrentSolver(1e-10)
                        .solve(
                                200,
                                r -> 40 * Math.log10(r / rated) + 2 * here * r - 2 * there * rated,
                                0.01,
                                20 * rated);
                assertEquals(Reach.of(rated, kiloHertz, water).fishM(), root, 1e-6 * root);
            }
        }
        assertEquals(Reach.of(rated, kiloHertz, Reach.RATED_IN).leastM(), rated, 1e-6);
        assertTrue(fish > bottom);
    }
}
