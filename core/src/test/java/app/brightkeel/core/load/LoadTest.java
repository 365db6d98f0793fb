package app.brightkeel.core.load;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class LoadTest {

    private static DayLoad load(Rig rig) {
        return Line.of(rig).get(Load.STAGE).value();
    }

    /**
     * Two phases by hand. Searching, 2 h, all full: 20 W, the small screen 0.4 A × 12.9 V at half of a screen with 40 %
     * backlight = 6.45 W at full, the module 1.6 A at the pack's mean volts. Fishing, 4 h: 11 + 9 × 0.6 W, 6.45 W, half
     * of the module.
     */
    @Test
    public void phasesByHand() {
        Rig rig = TestRigs.twoScreens();
        double packV = Line.of(rig).get(Packs.STAGE).value().first().meanVolts();
        DayLoad load = load(rig);
        double module = 1.6 * packV;
        assertEquals(load.phases().get(0).totalW(), 20 + 6.45 + module, 1e-9);
        assertEquals(load.phases().get(1).totalW(), 16.4 + 6.45 + module / 2, 1e-9);
        assertEquals(load.hours(), 6, 1e-9);
        double mean = (2 * (26.45 + module) + 4 * (22.85 + module / 2)) / 6;
        assertEquals(load.meanW(), mean, 1e-9);
        assertEquals(load.meanW(0) + load.meanW(1) + load.meanW(2), mean, 1e-9);
        assertEquals(load.fullTotalW(), 26.45 + module, 1e-9);
    }

    /** Amperes are taken at the pack's own mean volts: the table's straight pieces over 10-100 % charge, by hand. */
    @Test
    public void meanVoltsOfThePackByHand() {
        double area = 0.1
                * ((12.70 + 12.90) / 2
                        + (12.90 + 13.02) / 2
                        + (13.02 + 13.10) / 2
                        + (13.10 + 13.14) / 2
                        + (13.14 + 13.18) / 2
                        + (13.18 + 13.22) / 2
                        + (13.22 + 13.30) / 2
                        + (13.30 + 13.34) / 2
                        + (13.34 + 13.40) / 2);
        double volts = Line.of(DemoRigs.oystercatcher())
                .get(Packs.STAGE)
                .value()
                .first()
                .meanVolts();
        assertEquals(volts, area / 0.9, 1e-9);
    }

    /** Handbook §5 (from memory): middles of the typical ranges stand in for a draw that nobody gave. */
    @DataProvider
    public Object[][] typical() {
        return new Object[][] {
            {DeviceKind.DISPLAY_5_IN, 6.0},
            {DeviceKind.DISPLAY_7_IN, 11.5},
            {DeviceKind.DISPLAY_9_IN, 16.5},
            {DeviceKind.DISPLAY_12_IN, 30.0},
            {DeviceKind.LIVE_MODULE, 16.5},
            {DeviceKind.SMALL_PART, 1.25},
            {DeviceKind.LIGHT, 3.0},
            {DeviceKind.PHONE_CHARGE, 7.5},
            {DeviceKind.PUMP, 27.5}
        };
    }

    @Test(dataProvider = "typical")
    public void anUnknownDrawIsTheMiddleOfItsKind(DeviceKind kind, double watts) {
        Rig rig = DemoRigs.oystercatcher();
        for (Draw draw : List.of(
                new Draw.Undecided(),
                new Draw.Split(Figure.UNSET, Figure.UNSET),
                new Draw.Amps(Figure.UNSET, Figure.UNSET),
                new Draw.Metered(Figure.UNSET, Figure.UNSET, Figure.UNSET, Figure.UNSET))) {
            Rig unknown = rig.with(rig.device("display").withKind(kind).withDraw(draw));
            assertEquals(load(unknown).fullW().get(0), watts, 1e-9, draw.toString());
        }
    }

    /** No day and no device are asked for; a draw in amperes waits for the pack whose volts it needs. */
    @Test
    public void whatTheLoadWaitsFor() {
        Rig rig = DemoRigs.oystercatcher();
        Rig empty = Rig.blank("new", rig.craft().kind());
        assertEquals(Line.of(empty).get(Load.STAGE).missing(), List.of("/devices", "/outing/phases"));
        Rig amps = rig.with(rig.device("display").withDraw(new Draw.Amps(Figure.rated(1), Figure.UNSET)))
                .with(rig.harness().pack("pack").withCapacityAh(Figure.UNSET));
        assertTrue(Line.of(amps).get(Load.STAGE).missing().contains("/harness/packs/0/capacityAh"));
    }
}
