package app.brightkeel.core.reading;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.Reporter;
import org.testng.annotations.Test;

/** What a reading should be adds up in its own working; what two readings say of a contact is what was put there. */
public class ReadingNumbersTest {

    private static final int BENCHES = 60;

    private static List<BenchModel> models() {
        return Stream.concat(
                        DemoRigs.all().stream(),
                        Stream.of(TestRigs.twoScreens(), TestRigs.twoBanks(), DiagnosisTest.unused()))
                .map(rig -> BenchModel.of(Line.of(rig)))
                .filter(Outcome::isKnown)
                .map(Outcome::value)
                .toList();
    }

    /** The result is what the rows before it make of each other by their own signs, by hand: Kirchhoff, Ohm, P = U · I. */
    @Test
    public void everyWorkingAddsUp() {
        int added = 0;
        for (BenchModel model : models()) {
            for (Expected expected : Expectations.of(model)) {
                Working working = ReadingWorking.of(model, expected.id()).orElseThrow();
                List<Working.Row.Step> steps = working.rows().stream()
                        .filter(Working.Row.Step.class::isInstance)
                        .map(Working.Row.Step.class::cast)
                        .toList();
                double result = working.rows().stream()
                        .filter(Working.Row.Result.class::isInstance)
                        .map(row -> ((Working.Row.Result) row).amount().si())
                        .findFirst()
                        .orElseThrow();
                String told = model.circuit().rig().name() + ", " + expected.id() + ": " + steps;
                switch (expected.kind()) {
                    case ON_VOLTS, ALL_VOLTS, START, POLARITY, PACK_VOLTS ->
                        assertEquals(
                                sum(steps, "U₀") - sum(steps, "I₀ · Rᵢ") - sum(steps, "I · R"), result, 1e-6, told);
                    case ON_AMPS, DIM_AMPS ->
                        assertEquals(sum(steps, "P") / sum(steps, "U"), result, 1e-6 + result / 50, told);
                    case DROP -> assertEquals(sum(steps, "I") * sum(steps, "R"), result, 1e-9, told);
                    default -> added--;
                }
                added++;
                assertEquals(result, expected.nominal(), told);
            }
        }
        assertTrue(added > 150, added + " readings");
    }

    private static double sum(List<Working.Row.Step> steps, String symbol) {
        return steps.stream()
                .filter(step -> step.symbol().equals(symbol))
                .mapToDouble(step -> step.amount().si())
                .sum();
    }

    private static List<Reading> all(SimulatedBench bench) {
        return bench.points().stream().map(bench::read).toList();
    }

    /** Sound rigs have good contacts; one that was made bad is told to be bad, and by about how much. */
    @Test
    public void twoReadingsTellTheContact() {
        List<BenchModel> models = models();
        int good = 0;
        int told = 0;
        int bad = 0;
        int near = 0;
        int put = 0;
        for (int c = 0; c < BENCHES; c++) {
            BenchModel model = models.get(c % models.size());
            for (Contact contact : Contact.of(model, all(new SimulatedBench(model, List.of(), c)))) {
                told++;
                good += contact.grade() == Contact.Grade.GOOD ? 1 : 0;
            }
            List<Place> crimps = model.circuit().places().stream()
                    .filter(place -> place.sort() == Place.Sort.CRIMP)
                    .toList();
            Place place = crimps.get(c % crimps.size());
            double more = 0.06 + 0.3 * c / BENCHES;
            List<Reading> readings =
                    all(new SimulatedBench(model, List.of(new Fault(FaultKind.BAD_CRIMP, place.id(), more)), 500 + c));
            for (Contact contact : Contact.of(model, readings)) {
                if (contact.reading().equals(ReadingKind.DROP.of(place.id()))) {
                    put++;
                    bad += contact.grade() == Contact.Grade.BAD ? 1 : 0;
                    double ohm = contact.says().amounts().get(2).si();
                    near += Math.abs(ohm / (more + place.ohm()) - 1) < 0.3 ? 1 : 0;
                }
            }
        }
        String all = String.format(
                Locale.ROOT, "good %d of %d, bad %d of %d, within 30 %% %d of %d", good, told, bad, put, near, put);
        Reporter.log(all, true);
        assertTrue(good >= 0.93 * told && told > 300, all);
        assertTrue(bad >= 0.95 * put && put > 30, all);
        assertTrue(near >= 0.9 * put, all);
    }

    /** Each of them is read by itself, and the one that touches is the one that is named. */
    @Test
    public void unusedConductorsAreReadOneByOne() {
        BenchModel model = BenchModel.of(Line.of(DiagnosisTest.unused())).value();
        Map<String, Expected> points =
                Expectations.of(model).stream().collect(Collectors.toMap(Expected::id, Function.identity()));
        Expected second = points.get("unused.trunk/2");
        assertTrue(points.containsKey("unused.trunk/1") && second != null && second.low() == 1e6, points.toString());
        List<Reading> readings = new ArrayList<>(all(new SimulatedBench(model, List.of(), 3)));
        readings.replaceAll(each -> each.id().equals("unused.trunk/2") ? new Reading(each.id(), 3_000) : each);
        Suspect first = Diagnosis.of(model, readings).suspects().get(0);
        assertEquals(first.what().plain(), "Unused conductor 2 of the shared trunk touches another");
        assertEquals(first.parts(), List.of("trunk"));
        assertTrue(first.likely() > 0.9, first.toString());
    }

    /** By hand: 6 A over 30 mV are 5 mΩ, good; over 480 mV 80 mΩ, bad. */
    @Test
    public void byHand() {
        Rig rig = DemoRigs.oystercatcher();
        BenchModel model = BenchModel.of(Line.of(rig)).value();
        Expected drop = Expectations.of(model).stream()
                .filter(each -> each.kind() == ReadingKind.DROP)
                .findFirst()
                .orElseThrow();
        Expected amps = Expectations.of(model).stream()
                .filter(each -> each.kind() == ReadingKind.ALL_AMPS)
                .findFirst()
                .orElseThrow();
        for (double volts : new double[] {0.005, 0.08}) {
            Contact contact = Contact.of(model, List.of(new Reading(drop.id(), volts), new Reading(amps.id(), 1)))
                    .get(0);
            assertEquals(contact.says().amounts().get(2).si(), volts, 0.02 * volts, contact.toString());
            assertEquals(contact.grade(), volts < 0.01 ? Contact.Grade.GOOD : Contact.Grade.BAD);
        }
    }
}
