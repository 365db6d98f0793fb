package app.brightkeel.core.pack;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.battery.Charging;
import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.battery.End;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.battery.StandingDrain;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Assumptions;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Keeping;
import app.brightkeel.core.rig.LoadTest;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackLabel;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What single packs hold: by their labels, by their tests, in their keeping. */
public class PackTest {

    private static PackModel model(Pack pack) {
        return Packs.model(Assumptions.filled(pack, 20));
    }

    /** Handbook §6: C20 = 500 (RC/1200)^(1/k); 120 min are 62 Ah at k 1.1 and 73 Ah at k 1.2, and 50 Ah at the 25 A. */
    @DataProvider
    public Object[][] reserve() {
        return new Object[][] {{120.0, 1.1, 62.0}, {120.0, 1.2, 73.0}, {1200.0, 1.3, 500.0}};
    }

    @Test(dataProvider = "reserve")
    public void reserveCapacityBecomesAmpereHours(double minutes, double k, double ah) {
        Pack pack = Pack.labelled("pack", "pack", Chemistry.AGM, Figure.UNSET)
                .withPeukert(Figure.rated(k))
                .withLabel(PackLabel.UNKNOWN.withReserveMin(Figure.rated(minutes)));
        PackModel model = model(pack);
        assertEquals(model.ratedAh(), ah, 0.5);
        double hours = model.ratedAh() * model.rateFactor(25) / 25;
        assertEquals(hours * 60, minutes, 1e-6, "back again: so long it gives 25 A");
    }

    /**
     * A worn pack, drained in thought: what is left of it comes out of its own rest volts. At 25 °C, where the cold
     * factor is 1; Peukert by hand: (0.45/0.9)^0.1 = 0.933 for 9 Ah over 20 h at 0.9 A.
     */
    @DataProvider
    public Object[][] tests() {
        return new Object[][] {
            {Chemistry.AGM, 9.0, 0.9, 1.0, 0.30},
            {Chemistry.AGM, 9.0, 0.9, 0.7, 0.20},
            {Chemistry.FLOODED, 60.0, 5.0, 0.55, 0.40},
            {Chemistry.NMC, 10.0, 2.0, 0.8, 0.25},
            {Chemistry.LIFEPO4, 12.0, 2.4, 0.6, 0.05}
        };
    }

    @Test(dataProvider = "tests")
    public void aLoadTestFindsWhatIsLeft(Chemistry chemistry, double ah, double amps, double age, double to) {
        Pack pack = TestRigs.pack(chemistry, ah).withTempC(Figure.measured(25));
        PackModel worn = model(pack.withAge(Figure.measured(age)));
        double hours = worn.availableAh() * worn.rateFactor(amps) * (1 - to) / amps;
        LoadTest test = new LoadTest(
                Figure.measured(worn.restVolts(1)),
                Figure.measured(amps),
                Figure.measured(hours),
                Figure.measured(worn.restVolts(to)),
                false);
        Health health = Health.of(Assumptions.filled(pack.withTest(test), 25));
        assertEquals(health.share(), age, 1e-6);
        assertTrue(health.low() < age && health.high() > age, health.toString());
        assertEquals(model(pack.withTest(test)).ageFactor(), age, 1e-6, "planned with");
        assertEquals(
                model(pack.withTest(test).withAge(Figure.chosen(0.9))).ageFactor(), 0.9, "what a person says wins");
    }

    /** Handbook §6: between 30 and 90 % a meter of ±0.5 % is ±12 % of a LiFePO4's charge or worse: no gauge there. */
    @Test
    public void theFlatOfLithiumIsNoGauge() {
        Pack pack = TestRigs.pack(Chemistry.LIFEPO4, 12)
                .withTest(new LoadTest(
                        Figure.measured(13.34),
                        Figure.measured(2),
                        Figure.measured(2.4),
                        Figure.measured(13.14),
                        false));
        Health flat = Health.of(Assumptions.filled(pack, 25));
        assertTrue(flat.spread() > 0.2, "band " + flat);
        Pack lead = TestRigs.pack(Chemistry.AGM, 12)
                .withTest(new LoadTest(
                        Figure.measured(12.85), Figure.measured(1), Figure.measured(7), Figure.measured(11.98), false));
        assertTrue(Health.of(Assumptions.filled(lead, 25)).spread() < 0.1);
    }

    /** By hand: a figure measured at 0 °C is not derated for the cold again; at −10 °C only by .75/.88. */
    @Test
    public void aMeasuredCapacityCarriesItsTemperature() {
        Pack pack = Pack.labelled("pack", "pack", Chemistry.LIFEPO4, Figure.measured(8.8))
                .withLabel(PackLabel.UNKNOWN.withTestedAtC(Figure.measured(0)));
        assertEquals(model(pack.withTempC(Figure.measured(0))).availableAh(), 8.8, 1e-9);
        assertEquals(model(pack.withTempC(Figure.measured(-10))).availableAh(), 8.8 * .75 / .88, 1e-9);
    }

    /** Handbook §6: eight AA start at 12.4 V, and a screen that stops at 10.8 V leaves much of them unused. */
    @Test
    public void alkalineCellsEndEarly() {
        Pack cells = TestRigs.pack(Chemistry.ALKALINE, 2.5);
        PackModel model = model(cells);
        assertEquals(model.restVolts(1), 12.4, 1e-9);
        assertTrue(model.ohm(1) > 1 && model.ohm(1) < 2.4, "inner " + model.ohm(1));
        double shortA = model.restVolts(1) / model.leastOhm();
        assertTrue(shortA > 5 && shortA < 10, "a short draws " + shortA);
        assertEquals(model.rateFactor(1), 0.5, 0.01, "half its capacity at 1 A");
        Rig rig = TestRigs.simple(cells, 5, 3, 20);
        Rig thirsty = rig.with(
                rig.devices().get(0).withLimits(rig.devices().get(0).limits().withMinV(Figure.rated(10.8))));
        DayRun run = Line.of(thirsty).get(Runtime.STAGE).value();
        assertEquals(run.end(), End.DEVICE_MINIMUM);
        assertTrue(run.charge() > 0.6, "left " + run.charge());
    }

    /** Handbook §16: 20 mA empty 12 Ah in about 25 days; capped at the rated current, not longer. */
    @Test
    public void aSmallDrainEmptiesAPack() {
        PackModel twelve = model(TestRigs.pack(Chemistry.LIFEPO4, 12));
        // stored at half, as handbook §6 has it for lithium; lead is stored full
        assertEquals(StandingDrain.days(twelve, 0.020), 12.5, 0.01);
        assertEquals(StandingDrain.days(model(TestRigs.pack(Chemistry.AGM, 12)), 0.025), 20, 0.01);
        Pack charged = TestRigs.pack(Chemistry.AGM, 12).withKeeping(new Keeping(Figure.UNSET, "2026-10-31"));
        assertEquals(StandingDrain.nextCharge(charged), "2026-12-12", "six weeks on");
    }

    /** By hand: 12 Ah used to 0.9 at 3 A: 12 · 0.9 / 3 · 1.15 = 4.14 h; half a C is 6 A, a fifth of 10 Ah lead 2 A. */
    @Test
    public void chargingByHand() {
        Pack pack = TestRigs.pack(Chemistry.LIFEPO4, 12);
        Charger charger = new Charger("charger", "charger", Chemistry.LIFEPO4, 1, Figure.rated(3), "pack", "", false);
        assertEquals(Charging.hours(charger, model(pack)), 4.14, 1e-9);
        assertEquals(Charging.limitA(pack, model(pack)), 6, 1e-9);
        assertEquals(Charging.hours(charger, List.of(model(pack), model(pack))), 2 * 4.14, 1e-9, "two that are joined");
        Pack lead = TestRigs.pack(Chemistry.AGM, 10);
        assertEquals(Charging.limitA(lead, model(lead)), 2, 1e-9);
        Pack told = pack.withLabel(PackLabel.UNKNOWN.withMaxChargeA(Figure.rated(4)));
        assertEquals(Charging.limitA(told, model(told)), 4, 1e-9);
    }

    /** Common practice, no source: 100 Ah of lithium ran a kayak of about 60 W for about 20 h. */
    @Test
    public void aHundredAmpereHoursAtSixtyWatts() {
        Rig rig = TestRigs.simple(TestRigs.pack(Chemistry.LIFEPO4, 100).withDepth(Figure.chosen(1)), 60, 12, 20);
        assertEquals(Line.of(rig).get(Runtime.STAGE).value().hours(), 20, 2);
    }
}
