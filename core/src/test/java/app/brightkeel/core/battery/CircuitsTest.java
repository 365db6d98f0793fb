package app.brightkeel.core.battery;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A display and a motor, each on a battery of its own: what is said of one is as if the other were not there. */
public class CircuitsTest {

    private static final Rig BOTH = TestRigs.twoBanks();

    /** The circuit of one pack and one device alone. */
    private static Rig alone(Rig rig, String pack, String device) {
        Harness harness = rig.harness();
        List<Phase> phases = rig.outing().phases().stream()
                .map(phase -> phase.withUses(phase.uses().stream()
                        .filter(use -> use.device().equals(device))
                        .toList()))
                .toList();
        return rig.with(one -> one.devices(rig.devices().stream()
                        .filter(each -> each.id().equals(device))
                        .toList())
                .places(List.of())
                .holders(List.of())
                .notes(List.of())
                .runs(List.of())
                .chargers(List.of())
                .outing(rig.outing().withPhases(phases))
                .harness(harness.with(only -> only.packs(harness.packs().stream()
                                .filter(each -> each.id().equals(pack))
                                .toList())
                        .segments(harness.segments().stream()
                                .filter(each -> each.to().equals(device))
                                .toList()))));
    }

    private static Rig sized(Rig rig, String pack, double ah) {
        Pack now = rig.harness().pack(pack);
        return rig.with(now.withCapacityAh(Figure.chosen(ah)));
    }

    /** The same rig with its packs listed the other way round. */
    private static Rig turned(Rig rig) {
        List<Pack> packs = new ArrayList<>(rig.harness().packs());
        Collections.reverse(packs);
        return rig.withHarness(rig.harness().withPacks(packs));
    }

    /** Which ends first, for these ampere-hours of the display's pack and of the motor's bank. */
    @DataProvider
    public Object[][] sizes() {
        return new Object[][] {{20, 100, "bank", "motor"}, {3, 200, "pack", "display"}, {20, 200, "bank", "motor"}};
    }

    @Test(dataProvider = "sizes")
    public void hoursAreThoseOfTheCircuitThatEndsFirst(double pack, double bank, String first, String device) {
        Rig both = sized(sized(BOTH, "pack", pack), "bank", bank);
        String fed = first.equals("pack") ? both.devices().get(0).id() : device;
        for (Rig rig : List.of(both, turned(both))) {
            Line line = Line.of(rig);
            Line own = Line.of(alone(rig, first, fed));
            Endurance is = line.get(RuntimeBand.STAGE).value();
            Endurance should = own.get(RuntimeBand.STAGE).value();
            assertEquals(is.median().hours(), should.median().hours(), 1e-9);
            assertEquals(is.lowH(), should.lowH(), 1e-9);
            assertEquals(is.labelH(), should.labelH(), 1e-9);
            assertEquals(is.meanA(), should.meanA(), 1e-9);
            assertEquals(
                    is.median().energy().givenWh(), should.median().energy().givenWh(), 1e-6);
            assertEquals(line.get(Needed.STAGE).value(), own.get(Needed.STAGE).value());
            assertEquals(
                    line.get(HoursOtherwise.STAGE).value(),
                    own.get(HoursOtherwise.STAGE).value());
        }
    }

    @Test
    public void workingsNeverAddWhatSharesNoWire() {
        Line line = Line.of(BOTH);
        List<Working.Row> given = Packs.STAGE.working(line).rows();
        assertFalse(given.toString().contains("together"), given.toString());
        String hours = Runtime.STAGE.working(line).rows().stream()
                .filter(Working.Row.Entered.class::isInstance)
                .toList()
                .toString();
        Device display = BOTH.devices().get(0);
        assertFalse(hours.contains(display.name() + ", lowest volts"), hours);
        assertTrue(hours.contains("motor, lowest volts"), hours);
    }

    @Test
    public void theFindingNamesWhatIsShort() {
        assertTrue(hoursShort(BOTH).text().plain().startsWith("Bank: "));
        Rig two = sized(BOTH, "pack", 2);
        Finding worst = hoursShort(two);
        assertTrue(worst.text().plain().startsWith("Pack: "), worst.text().plain());
        // the worse one cured leaves the other
        assertTrue(hoursShort(sized(two, "pack", 20)).text().plain().startsWith("Bank: "));
    }

    private static Finding hoursShort(Rig rig) {
        return new RigReviewer()
                .review(Line.of(rig)).findings().stream()
                        .filter(finding -> finding.rule().equals("battery.hours"))
                        .findFirst()
                        .orElseThrow();
    }

    /** "At 80 %" is not more than what there is, and each pack is used to the depth of its own kind. */
    @Test
    public void besideTheHours() {
        Rig worn = TestRigs.simple(TestRigs.pack(Chemistry.LIFEPO4, 10).withAge(Figure.measured(0.6)), 12, 5, 20);
        Line line = Line.of(worn);
        HoursOtherwise.Hours beside = line.get(HoursOtherwise.STAGE).value();
        assertEquals(beside.endOfLifeH(), line.get(Runtime.STAGE).value().hours(), 1e-9);
        assertTrue(beside.newH() > beside.endOfLifeH());
    }
}
