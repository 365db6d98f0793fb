package app.brightkeel.core.reference;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ChemistryTest {

    private static double celsius(double fahrenheit) {
        return (fahrenheit - 32) / 1.8;
    }

    /** IEEE Std 485 table 1, as inverse size factors; 7 °F by continuing the size factor, marked extrapolated. */
    @DataProvider
    public Object[][] ieee485() {
        return new Object[][] {
            {25, .658},
            {30, .699},
            {35, .741},
            {40, .769},
            {45, .800},
            {50, .840},
            {60, .901},
            {70, .962},
            {77, 1.0},
            {80, 1.02},
            {95, 1.02}
        };
    }

    @Test(dataProvider = "ieee485")
    public void coldLeadFollowsIeee485(double fahrenheit, double factor) {
        assertEquals(Chemistry.AGM.data().capacityAt(celsius(fahrenheit)), factor, 1e-9);
    }

    /** Handbook §6: 7 °F about .54; −10 °C .55-.70, −20 °C .45-.55 for small sealed lead (from memory). */
    @Test
    public void belowTheTableTheSizeFactorGoesOnInsteadOfBeingHeld() {
        Chemistry.Data agm = Chemistry.AGM.data();
        assertEquals(agm.capacityAt(celsius(7)), 0.54, 0.005);
        assertTrue(agm.capacityAt(-10) > .55 && agm.capacityAt(-10) < .70);
        assertTrue(agm.capacityAt(-20) > .45 && agm.capacityAt(-20) < .55);
        assertTrue(agm.capacityAt(-35) < agm.capacityAt(-30));
        assertFalse(agm.tabulated(-14));
        assertTrue(agm.tabulated(10));
    }

    /** Handbook §6 table, values from memory. */
    @DataProvider
    public Object[][] lithium() {
        return new Object[][] {{0, .88, 2.0}, {-10, .75, 3.0}, {-20, .60, 4.0}, {25, 1.0, 1.0}, {40, 1.0, 1.0}};
    }

    @Test(dataProvider = "lithium")
    public void coldLithium(double celsius, double capacity, double resistance) {
        assertEquals(Chemistry.LIFEPO4.data().capacityAt(celsius), capacity, 1e-9);
        assertEquals(Chemistry.LIFEPO4.data().resistanceAt(celsius), resistance, 1e-9);
    }

    @Test
    public void restVoltsAreTheTableAndLinearBetween() {
        assertEquals(Chemistry.LIFEPO4.data().openCircuit().at(0.5), 13.14, 1e-9);
        assertEquals(Chemistry.AGM.data().openCircuit().at(0.85), (12.68 + 12.77) / 2, 1e-9);
        expectThrows(IllegalStateException.class, () -> Chemistry.UNDECIDED.data());
    }

    /** Exact for straight pieces: mean over [0, 0.1] of the first two pieces, by hand. */
    @Test
    public void meanOfACurveIsExact() {
        double byHand = ((10.40 + 12.10) / 2 + (12.10 + 12.70) / 2) / 2;
        assertEquals(Chemistry.LIFEPO4.data().openCircuit().mean(0, 0.1), byHand, 1e-12);
        expectThrows(IllegalArgumentException.class, () -> new Curve(new double[] {0, 0}, new double[] {1, 2}));
    }
}
