package app.brightkeel.core.load;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Supply;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.TransducerType;
import app.brightkeel.core.rig.Use;
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
            // through a converter that passes on 85 to 90 %
            {DeviceKind.PHONE_CHARGE, 7.5 / 0.875},
            {DeviceKind.PUMP, 27.5},
            {DeviceKind.VOLTMETER, 0.25}
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

    /**
     * Standing by, pauses, converters and the bus, by hand: 15 W on for a half and 0.25 W by for the rest of 2 h, an hour
     * of nothing, 2 h at 15 W, and the day goes on to 8 h; the phone's 7.5 W through a converter that passes on 0.8.
     */
    @Test
    public void aDayWithPausesByHand() {
        Rig rig = DemoRigs.oystercatcher();
        Device display = rig.device("display");
        Device phone = display.with(d ->
                d.id("phone").kind(DeviceKind.PHONE_CHARGE).draw(new Draw.Split(Figure.rated(7.5), Figure.rated(0))));
        Phase out = new Phase(
                "out",
                "out",
                Figure.chosen(2),
                List.of(
                        new Use("display", Figure.chosen(1), Figure.chosen(0.5), Figure.chosen(0.5)),
                        new Use("phone", Figure.UNSET, Figure.chosen(0))));
        Phase back = new Phase("back", "back", Figure.chosen(3), Figure.chosen(2), List.of());
        Rig day = rig.withDevices(List.of(
                        display.withSupply(Supply.UNKNOWN.withStandbyW(Figure.measured(0.25))),
                        phone.withSupply(Supply.UNKNOWN.withConverter(Figure.rated(0.8)))))
                .withOuting(rig.outing().with(o -> o.phases(List.of(out, back)).dayH(Figure.chosen(8))));
        DayLoad load = load(day);
        assertEquals(load.hours(), 8, 1e-12);
        assertEquals(
                load.phases().stream().map(DayLoad.PhaseLoad::place).toList(),
                List.of(0, -1, 1, -1),
                "with two pauses");
        assertEquals(load.phases().get(0).totalW(), 0.5 * 15 + 0.5 * 0.25, 1e-9);
        assertEquals(load.phases().get(2).totalW(), 15 + 7.5 / 0.8, 1e-9);
        assertEquals(load.meanW() * 8, 2 * 7.625 + 2 * (15 + 7.5 / 0.8), 1e-9);
    }

    /** One load unit of the low-rate bus is 50 mA (the standard of that bus, from memory), at the pack's mean volts. */
    @Test
    public void theBusFeedsByLoadUnits() {
        Rig rig = DemoRigs.oystercatcher();
        Rig bus = rig.with(rig.device("display").withDraw(new Draw.Bus(Figure.rated(3))));
        double packV = Line.of(rig).get(Packs.STAGE).value().sources().get(0).meanVolts();
        assertEquals(load(bus).meanW(), 0.15 * packV, 1e-9);
    }

    /** Amperes become watts at the volts of the bank a device hangs on, whichever pack was entered first. */
    @Test
    public void amperesAreTakenAtTheVoltsOfTheOwnBank() {
        Rig rig = TestRigs.twoBanks();
        List<Pack> packs = rig.harness().packs();
        for (List<Pack> order : List.of(packs, List.of(packs.get(1), packs.get(0)))) {
            DayLoad load = load(rig.withHarness(rig.harness().withPacks(order)));
            double packV =
                    Packs.model(Line.of(rig).rig().harness().packs().get(1)).meanVolts();
            assertTrue(packV > 36 && packV < 43, "36 V bank: " + packV);
            assertEquals(load.fullW().get(1), 20 * packV, 1e-9);
        }
    }

    /** A live module starts at two to three times its label (from memory); what is told of a device wins. */
    @Test
    public void whatStartsDrawsMore() {
        Rig rig = TestRigs.twoScreens();
        DayLoad load = load(rig);
        assertEquals(load.startW().get(2), 2.5 * load.fullW().get(2), 1e-9);
        assertEquals(load.startW().get(0), load.fullW().get(0), 1e-9);
        Rig told = rig.with(rig.device("nine").withSupply(Supply.UNKNOWN.withStartW(Figure.measured(33))));
        assertEquals(load(told).startW().get(0), 33, 1e-9);
    }

    /**
     * Common practice, no source: a display with its module ran 11.4 h at full and 14.5 h at half brightness on 20 Ah of
     * lithium at 0 °C: told so, it draws about 20 W and 15.6 W, and runs as long again on the same pack.
     */
    @Test
    public void ranSoLongBecomesWatts() {
        Figure none = Figure.UNSET;
        Draw.Ran full = new Draw.Ran(
                Figure.measured(11.4),
                Chemistry.LIFEPO4,
                Figure.rated(20),
                Figure.measured(0),
                Figure.measured(1),
                Figure.chosen(0.43));
        Draw.Ran half = new Draw.Ran(
                Figure.measured(14.5),
                Chemistry.LIFEPO4,
                Figure.rated(20),
                Figure.measured(0),
                Figure.measured(0.5),
                Figure.chosen(0.43));
        assertEquals(full.wattsAt(1, 0), 20, 0.15 * 20);
        assertEquals(half.wattsAt(0.5, 0), 15.6, 0.15 * 15.6);
        assertEquals(half.wattsAt(1, 0) / full.wattsAt(1, 0), 1, 0.01, "one split explains both");
        Rig rig = TestRigs.simple(TestRigs.pack(Chemistry.LIFEPO4, 20).withDepth(Figure.chosen(1)), 20, 5, 0);
        Rig told = rig.with(rig.devices().get(0).withDraw(full));
        assertEquals(Line.of(told).get(Runtime.STAGE).value().hours(), 11.4, 0.05 * 11.4);
        Rig untold = rig.with(
                rig.devices().get(0).withDraw(new Draw.Ran(none, Chemistry.UNDECIDED, none, none, none, none)));
        assertEquals(load(untold).fullW().get(0), 11.5, 1e-9, "what is not told is assumed by its kind");
    }

    @DataProvider
    public Object[][] draws() {
        Figure one = Figure.measured(1);
        return new Object[][] {
            {new Draw.Undecided(), true},
            {
                Catalogue.devices().stream()
                        .filter(d -> d.id().equals("display-9-in"))
                        .findFirst()
                        .orElseThrow()
                        .draw(),
                true
            },
            {new Draw.Split(Figure.rated(12), Figure.rated(9)), false},
            {new Draw.Split(Figure.measured(11), Figure.measured(9)), false},
            {new Draw.Split(Figure.UNSET, Figure.measured(9)), true},
            {new Draw.Amps(Figure.rated(1.5), Figure.UNSET), false},
            {new Draw.Metered(one, Figure.measured(12.8), one, Figure.UNSET), false},
            {
                new Draw.Ran(
                        Figure.measured(9), Chemistry.AGM, Figure.rated(9), Figure.measured(20), one, Figure.UNSET),
                false
            },
        };
    }

    /** Handbook §8: what was stated for the set holds its beams; a bare display gets 5.5 W of side fans on top (middle of 3-8). */
    @Test(dataProvider = "draws")
    public void beamsAreAddedToABareDisplayAlone(Draw draw, boolean added) {
        Rig rig = TestRigs.simple(TestRigs.pack(Chemistry.AGM, 9), 9, 5, 10);
        Rig plain = rig.with(rig.devices().get(0).withOrigin("display-9-in").withDraw(draw));
        Transducer cone = DemoRigs.oystercatcher().transducers().get(0);
        Rig fans = plain.withTransducers(List.of(cone.withType(TransducerType.SIDE_SCAN)
                .withMount(Mount.UNDECIDED)
                .withFeeds("")));
        double more = load(fans).fullW().get(0) - load(plain).fullW().get(0);
        assertEquals(more, added ? 5.5 : 0, 1e-12);
        Line line = Line.of(fans);
        String told = LoadWorking.drawWorking(line, 0).rows().toString();
        assertTrue(told.contains(added ? "to a bare display" : "stated for the set"), told);
        double hours = Line.of(plain).get(Runtime.STAGE).value().hours();
        assertEquals(line.get(Runtime.STAGE).value().hours() == hours, !added, "hours");
    }

    /** What draws the same at any volts does so full, nearly empty and on thin wire, and lasts capacity over amperes. */
    @Test
    public void aSteadyDrawIsTheSameAtAnyVolts() {
        Pack pack = TestRigs.pack(Chemistry.LIFEPO4, 20)
                .withDepth(Figure.chosen(1))
                .withPeukert(Figure.measured(1))
                .withAge(Figure.measured(1));
        Rig rig = TestRigs.simple(pack, 20, 5, 20);
        Rig steady = rig.with(rig.devices().get(0).withDraw(new Draw.Steady(Figure.measured(0.8))));
        Line line = Line.of(steady);
        FeedState feed = line.get(Feed.STAGE).value();
        for (FeedState.Point point : List.of(feed.full(), feed.mean(), feed.empty())) {
            assertEquals(point.amps().get(0), 0.8, 1e-9);
        }
        assertTrue(feed.full().volts().get(1) > feed.empty().volts().get(1) + 1);
        double usable = 20 * Chemistry.LIFEPO4.data().capacityAt(20);
        assertEquals(line.get(Runtime.STAGE).value().hours(), usable / 0.8, 1e-3);
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
