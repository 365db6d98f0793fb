package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The schools of distribution: each builds a whole harness on which nothing burns and nobody goes short. */
public class DistributionTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    /** Pieces for Gannet's four devices: wires, fuses (three makers allow less than the trunk's), switches, points. */
    @DataProvider
    public Object[][] schools() {
        return new Object[][] {
            {"in-line", 4, 4, 0, 0},
            {"splitter", 5, 4, 0, 1},
            {"block", 5, 5, 0, 1},
            {"switched", 6, 6, 4, 1},
            {"boat", 4, 4, 0, 0},
            {"quick-plugs", 6, 4, 0, 2}
        };
    }

    @Test(dataProvider = "schools")
    public void gannetByEachSchool(String school, int wires, int fuses, int switches, int points) {
        Line line = Line.of(DemoRigs.gannet());
        Rig after = built(line, school);
        Harness harness = after.harness();
        assertEquals(harness.segments().size(), wires);
        assertEquals(count(harness, Fitting.Fuse.class), fuses);
        assertEquals(count(harness, Fitting.Switch.class), switches);
        assertEquals(harness.junctions().size(), points);
        Line then = line.with(after);
        assertNotEquals(REVIEWER.state(line, Link.WIRE).verdict(), Verdict.HOLDS);
        assertNotEquals(REVIEWER.state(then, Link.WIRE).verdict(), Verdict.FAILS, school);
        assertNotEquals(REVIEWER.state(then, Link.FUSE).verdict(), Verdict.FAILS, school);
    }

    /** One display: one lead, or one behind a plug that the charger uses too. */
    @Test
    public void oneDevice() {
        Line line = Line.of(DemoRigs.lanternCrate());
        for (String school : List.of("in-line", "block", "switched", "boat", "quick-plugs")) {
            Line then = line.with(built(line, school));
            assertNotEquals(REVIEWER.state(then, Link.WIRE).verdict(), Verdict.FAILS, school);
            assertNotEquals(REVIEWER.state(then, Link.FUSE).verdict(), Verdict.FAILS, school);
        }
        assertTrue(Comparison.find(line, "wire.school.splitter").isEmpty());
        Rig plugged = built(line, "quick-plugs");
        assertEquals(
                plugged.chargers().get(0).via(),
                plugged.harness().segments().get(0).id());
        assertEquals(built(line, "in-line").runs(), line.entered().runs(), "the same wire keeps its way");
    }

    /** A harness from nothing but battery and devices; with two batteries in parallel nobody says how they meet. */
    @Test
    public void fromNothing() {
        Rig rig = DemoRigs.gannet();
        Rig bare = rig.withHarness(rig.harness().with(h -> h.segments(List.of()).junctions(List.of())));
        Line line = Line.of(bare);
        assertEquals(Comparison.of(line, Link.WIRE, REVIEWER).size(), 6, "six schools; nothing is planned yet");
        assertEquals(built(line, "block").harness().segments().size(), 5);
        assertTrue(Comparison.find(Line.of(TestRigs.twoScreens()), "wire.school.block")
                .isEmpty());
    }

    /** Compare says what each costs: more copper is heavier and dearer, the least joints are those of direct leads. */
    @Test
    public void whatSpeaksForAndAgainst() {
        Line line = Line.of(DemoRigs.gannet());
        List<Comparison.Offer> offers = Comparison.of(line, Link.WIRE, REVIEWER);
        Comparison.Offer thin = offer(offers, "wire.gauge.trunk.16-AWG");
        Comparison.Offer thick = offer(offers, "wire.gauge.trunk.8-AWG");
        for (String name : List.of("volts at the worst device", "mass", "cost")) {
            assertTrue(measure(thick, name) > measure(thin, name), name);
        }
        assertEquals(measure(thick, "joints"), measure(thin, "joints"), 0);
        assertEquals(measure(offer(offers, "wire.school.in-line"), "joints"), 12, 0);
        assertEquals(measure(offer(offers, "wire.school.block"), "joints"), 15, 0);
        // 3 m of 8 AWG for 16 AWG: 2 · 3 · (8.3656 − 1.3087) · 8.96 g · 1.4 = 0.531 kg
        assertEquals(measure(thick, "mass") - measure(thin, "mass"), 0.531, 0.001);
    }

    private static Rig built(Line line, String school) {
        return Comparison.find(line, "wire.school." + school).orElseThrow().after();
    }

    private static long count(Harness harness, Class<? extends Fitting> kind) {
        return harness.segments().stream()
                .flatMap(segment -> segment.fittings().stream())
                .filter(kind::isInstance)
                .count();
    }

    private static Comparison.Offer offer(List<Comparison.Offer> offers, String id) {
        return offers.stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
    }

    private static double measure(Comparison.Offer offer, String name) {
        return offer.measures().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow()
                .amount()
                .si();
    }
}
