package app.brightkeel.core.water;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.water.SoundSpeed.Formula;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SoundSpeedTest {

    /** W. Marczak 1997, table of the polynomial: 0, 4, 10, 20, 25 °C. */
    @DataProvider
    public Object[][] fresh() {
        return new Object[][] {{0, 1402.38}, {4, 1421.63}, {10, 1447.29}, {20, 1482.38}, {25, 1496.73}};
    }

    @Test(dataProvider = "fresh")
    public void freshWaterByMarczak(double celsius, double metresPerSecond) {
        SoundSpeed sound = new SoundSpeed(celsius, 0, 3);
        assertEquals(sound.formula(), Formula.MARCZAK);
        assertEquals(sound.metresPerSecond(), metresPerSecond, 0.011);
    }

    /** K. V. Mackenzie 1981, the check value printed with the equation: T 25 °C, S 35, D 1000 m. */
    @Test
    public void seaWaterByMackenzie() {
        SoundSpeed sound = new SoundSpeed(25, 35, 1000);
        assertEquals(sound.formula(), Formula.MACKENZIE);
        assertEquals(sound.metresPerSecond(), 1550.744, 5e-4);
    }

    /** H. Medwin 1975 at S 0, 10 °C by hand: 1446.59. */
    @Test
    public void brackishWaterByMedwin() {
        assertEquals(new SoundSpeed(10, 0, 0).medwin(), 1446.59, 0.005);
        assertEquals(new SoundSpeed(10, 10, 2).formula(), Formula.MEDWIN);
        assertEquals(new SoundSpeed(-1, 34, 2).formula(), Formula.MEDWIN);
    }

    /** The three agree within 2.5 m/s where their ranges meet: no jump as a figure crosses from one to the next. */
    @Test
    public void theFormulasAgreeWhereTheyMeet() {
        for (double celsius = 2; celsius <= 30; celsius += 0.5) {
            SoundSpeed fresh = new SoundSpeed(celsius, SoundSpeed.FRESH_BELOW, 0);
            assertEquals(fresh.medwin() - 0.5 * (1.34 - 0.01 * celsius), fresh.marczak(), 2.5, "fresh at " + celsius);
            SoundSpeed sea = new SoundSpeed(celsius, 25, 0);
            assertEquals(sea.medwin(), sea.mackenzie(), 1.0, "sea at " + celsius);
        }
    }

    /** Common practice, no source: under ice (1402 m/s) a display on 1500 shows 20 m true as 21.4 m. */
    @Test
    public void depthIsShownTooDeepUnderIce() {
        Rig crate = DemoRigs.lanternCrate();
        Rig cold =
                crate.withOuting(crate.outing().withWater(crate.outing().water().withWaterC(Figure.measured(0))));
        WaterState water = Line.of(cold).get(WaterStage.STAGE).value();
        assertEquals(water.shownM(20), 21.4, 0.05);
        assertEquals(water.error(), 1500 / 1402.385 - 1, 1e-4);
        assertTrue(water.typicalM() > water.leastM() && water.typicalM() < water.mostM());
    }
}
