package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Keeping;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.ObstructionKind;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackLabel;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.sonar.SonarStage;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each rule on both sides of its limit: where it fails, where it is close, where it holds. */
public class BoundariesTest {

    private static final Rig GOOD = RuleTriggers.good();

    static Verdict verdict(String id, Rig rig) {
        Rule rule =
                Rules.ALL.stream().filter(r -> r.id().equals(id)).findFirst().orElseThrow();
        return rule.verdict(rule.judge(Line.of(rig)));
    }

    private static Rig fuse(double ratingA, double atM, boolean sheathed) {
        Segment lead = GOOD.harness().segment("lead");
        Fitting.Fuse fuse = ((Fitting.Fuse) lead.fittings().get(0))
                .withRatingA(Figure.rated(ratingA))
                .withAtM(Figure.measured(atM));
        return GOOD.with(lead.with(fuse).withWire(lead.wire().withSheathed(sheathed)));
    }

    private static Rig display(double minV, double maxV, double minWireMm2) {
        Device display = GOOD.device("display");
        return GOOD.with(display.withLimits(display.limits()
                .withMinV(Figure.rated(minV))
                .withMaxV(Figure.rated(maxV))
                .withMinWireMm2(Figure.rated(minWireMm2))));
    }

    private static Rig pack(double ampereHours, double massKg, double celsius, double maxA) {
        Pack pack = GOOD.harness().pack("pack");
        return GOOD.with(pack.withCapacityAh(Figure.rated(ampereHours))
                .withMassKg(Figure.rated(massKg))
                .withTempC(Figure.measured(celsius))
                .withMaxDischargeA(Figure.rated(maxA)));
    }

    private static Rig apart(double charge) {
        Rig rig = TestRigs.twoScreens();
        return rig.with(rig.harness().packs().get(1).withCharge(Figure.measured(charge)));
    }

    /** A charger that stays aboard, joined behind the main fuse. */
    private static Rig charged(double amps, double celsius) {
        Pack pack = GOOD.harness().pack("pack");
        return GOOD.with(pack.withTempC(Figure.measured(celsius)))
                .withChargers(List.of(new Charger(
                        "charger", "charger", Chemistry.LIFEPO4, 1, Figure.rated(amps), "pack", "lead", true)));
    }

    private static Rig drained(double amps) {
        Pack pack = GOOD.harness().pack("pack");
        return GOOD.with(pack.withKeeping(Keeping.UNKNOWN.withDrainA(Figure.measured(amps))));
    }

    private static Rig alkaline(double volts) {
        Rig rig = labelled(volts);
        return rig.with(rig.harness().pack("pack").withChemistry(Chemistry.ALKALINE));
    }

    private static Rig labelled(double volts) {
        Pack pack = GOOD.harness().pack("pack");
        return GOOD.with(pack.withLabel(PackLabel.UNKNOWN.withNominalV(Figure.rated(volts))));
    }

    private static Rig cells(double ampereHours) {
        Pack pack = GOOD.harness().pack("pack");
        return GOOD.with(pack.with(aa -> aa.chemistry(Chemistry.ALKALINE).capacityAh(Figure.rated(ampereHours))));
    }

    /** Hours wanted against the same battery: the median and the low hours are the two limits. */
    private static Rig wanted(double hours) {
        return TestRigs.simple(TestRigs.pack(Chemistry.LIFEPO4, 10).withCapacityAh(Figure.rated(10)), 12, hours, 20);
    }

    /** The lead as long as it takes; 22 AWG loses 3 % at 2.7 m and never 10 %. */
    private static Rig length(double lengthM) {
        Segment lead = DemoRigs.oystercatcher().harness().segment("lead");
        return DemoRigs.oystercatcher().with(lead.withWire(lead.wire().withLengthM(Figure.measured(lengthM))));
    }

    /** What the lead of the good rig takes, with all that sums of it are off by. */
    private static final double NEEDED = Line.of(GOOD)
            .get(RouteStage.STAGE)
            .value()
            .of("transducer")
            .orElseThrow()
            .neededM();

    private static double less(double exact) {
        return Math.nextDown(Math.nextDown(exact));
    }

    private static double more(double exact) {
        return Math.nextUp(Math.nextUp(exact));
    }

    @DataProvider
    public Object[][] limits() {
        return new Object[][] {
            // ABYC E-11: 7 in without a sheath, 72 in within one
            {"fuse.too-far-from-battery", of(at -> fuse(5, at, false)), 0.178, 0.179, Verdict.HOLDS, Verdict.FAILS},
            {"fuse.too-far-from-battery", of(at -> fuse(5, at, true)), 1.83, 1.84, Verdict.HOLDS, Verdict.FAILS},
            // 16 AWG carries 25 A by table; the maker allows 5 A
            {"fuse.above-ampacity", of(a -> fuse(a, 0.1, true)), 25, 30, Verdict.HOLDS, Verdict.FAILS},
            {"fuse.above-maker-maximum", of(a -> fuse(a, 0.1, true)), 5, 7.5, Verdict.HOLDS, Verdict.FAILS},
            // 15 W at 10 V are 1.5 A: 80 % of 1.875 A, all of 1.5 A
            {"fuse.opens-in-use", of(a -> fuse(a, 0.1, true)), 1.876, 1.87, Verdict.HOLDS, Verdict.CLOSE},
            {"fuse.opens-in-use", of(a -> fuse(a, 0.1, true)), 1.51, 1.49, Verdict.CLOSE, Verdict.FAILS},
            {"wire.above-maximum", of(v -> display(10, v, 0.1)), 13.5, 13.0, Verdict.HOLDS, Verdict.FAILS},
            {"wire.thinner-than-maker", of(mm2 -> display(10, 18, mm2)), 1.3087, 1.31, Verdict.HOLDS, Verdict.FAILS},
            {"wire.drop", of(BoundariesTest::length), 2.6, 3.0, Verdict.HOLDS, Verdict.CLOSE},
            {"wire.drop", of(BoundariesTest::length), 3.0, 12.0, Verdict.CLOSE, Verdict.CLOSE},
            {"battery.too-cold", of(c -> pack(12, 1.5, c, 12)), -17, -18, Verdict.HOLDS, Verdict.CLOSE},
            {"battery.too-cold", of(c -> pack(12, 1.5, c, 12)), -19.9, -20.1, Verdict.CLOSE, Verdict.FAILS},
            {"battery.discharge-limit", of(a -> pack(12, 1.5, 20, a)), 1.8, 1.7, Verdict.HOLDS, Verdict.CLOSE},
            {"battery.discharge-limit", of(a -> pack(12, 1.5, 20, a)), 1.51, 1.49, Verdict.CLOSE, Verdict.FAILS},
            // 100 Ah of LiFePO4 does not weigh 6 kg; 11.5 kg is usual
            {"battery.mass-implausible", of(kg -> pack(100, kg, 20, 50)), 11.5, 6, Verdict.HOLDS, Verdict.CLOSE},
            // 0.05 V between lithium packs, by hand on the table: 13.40 V full, 13.35 V at 91.7 % (common practice, no
            // source)
            {"battery.joined-apart", of(BoundariesTest::apart), 0.918, 0.915, Verdict.HOLDS, Verdict.FAILS},
            // half a C of 12 Ah, from memory
            {"battery.charged-too-fast", of(a -> charged(a, 20)), 6.0, 6.1, Verdict.HOLDS, Verdict.FAILS},
            {"battery.charged-in-the-cold", of(c -> charged(3, c)), 3, 2.9, Verdict.HOLDS, Verdict.CLOSE},
            {"battery.charged-in-the-cold", of(c -> charged(3, c)), 0.1, -0.1, Verdict.CLOSE, Verdict.FAILS},
            {"battery.charged-in-the-cold", of(c -> charged(3, c)), 44.9, 45.1, Verdict.CLOSE, Verdict.FAILS},
            // 80 % of the 5 A fuse
            {"battery.charged-through-fuse", of(a -> charged(a, 20)), 4.0, 4.1, Verdict.HOLDS, Verdict.FAILS},
            // 12 Ah in six weeks: 11.9 mA
            {"battery.stands-empty", of(BoundariesTest::drained), 0.0059, 0.0060, Verdict.HOLDS, Verdict.CLOSE},
            // 12.8 V and a fifth; 2.8 Ah are the most of a cell
            {"battery.volts-implausible", of(BoundariesTest::labelled), 15.3, 15.4, Verdict.HOLDS, Verdict.CLOSE},
            {"battery.volts-implausible", of(BoundariesTest::labelled), 10.7, 10.6, Verdict.HOLDS, Verdict.CLOSE},
            // handbook §8: the label of eight alkaline cells is 12 V, 8 × 1.5
            {"battery.volts-implausible", of(BoundariesTest::alkaline), 12, 14.5, Verdict.HOLDS, Verdict.CLOSE},
            {"battery.cells-do-not-add", of(BoundariesTest::cells), 2.8, 2.81, Verdict.HOLDS, Verdict.CLOSE},
            // face 20 mm under holds, down to 0 it is close: common practice, no source
            {"mount.face-dry", of(BoundariesTest::under), 0.0201, 0.0199, Verdict.HOLDS, Verdict.CLOSE},
            {"mount.face-dry", of(BoundariesTest::under), 0.0001, -0.0001, Verdict.CLOSE, Verdict.FAILS},
            // half of 24 degrees
            {"mount.beam-blocked", of(BoundariesTest::clear), 12.01, 11.99, Verdict.HOLDS, Verdict.FAILS},
            {"mount.proud-on-beach", of(BoundariesTest::proud), 0.030, 0.031, Verdict.HOLDS, Verdict.CLOSE},
            {"mount.does-not-fit", of(BoundariesTest::hole), 0.0851, 0.0849, Verdict.HOLDS, Verdict.FAILS},
            {"cable.too-short", of(BoundariesTest::lead), 5.03, 5.01, Verdict.HOLDS, Verdict.FAILS},
            // exactly enough is enough, a hair of a double to either side of it, and a hundredth of a millimetre less
            // is not
            {"cable.too-short", of(BoundariesTest::lead), NEEDED, NEEDED - 1e-5, Verdict.HOLDS, Verdict.FAILS},
            {"cable.too-short", of(BoundariesTest::lead), less(NEEDED), NEEDED - 1e-8, Verdict.HOLDS, Verdict.FAILS},
            {"mount.does-not-fit", of(BoundariesTest::hole), less(0.085), 0.08499, Verdict.HOLDS, Verdict.FAILS},
            {"cable.plug-does-not-pass", of(BoundariesTest::plug), more(0.038), 0.03801, Verdict.HOLDS, Verdict.FAILS},
            {"cable.opening-too-full", of(BoundariesTest::thick), more(0.02), 0.02001, Verdict.HOLDS, Verdict.FAILS},
            {"fuse.above-ampacity", of(a -> fuse(a, 0.1, true)), more(25), 25.01, Verdict.HOLDS, Verdict.FAILS},
            {"fuse.above-maker-maximum", of(a -> fuse(a, 0.1, true)), more(5), 5.01, Verdict.HOLDS, Verdict.FAILS},
            {"battery.charged-too-fast", of(a -> charged(a, 20)), more(6), 6.01, Verdict.HOLDS, Verdict.FAILS},
            {"cable.plug-does-not-pass", of(BoundariesTest::plug), 0.0379, 0.0381, Verdict.HOLDS, Verdict.FAILS},
            {"cable.service-loop", of(BoundariesTest::loop), 0.30, 0.29, Verdict.HOLDS, Verdict.CLOSE},
            {"cable.opening-too-full", of(BoundariesTest::thick), 0.0199, 0.0201, Verdict.HOLDS, Verdict.FAILS},
            // common practice, no source: tied back 25-50 mm, a drip loop of 0.10 m, 25.4 mm for a cable fitting
            {"cable.strain-relief", of(BoundariesTest::relief), 0.050, 0.051, Verdict.HOLDS, Verdict.CLOSE},
            {"cable.strain-relief", of(BoundariesTest::relief), 0.025, 0.024, Verdict.HOLDS, Verdict.CLOSE},
            {"cable.drip-loop", of(BoundariesTest::drip), 0.10, 0.09, Verdict.HOLDS, Verdict.CLOSE},
            {"cable.hole-too-small", of(BoundariesTest::fitting), 0.0254, 0.0190, Verdict.HOLDS, Verdict.FAILS},
            // 30 mm and 10 mm on either side
            {"cable.hole-larger-than-part", of(BoundariesTest::part), 0.0501, 0.0499, Verdict.HOLDS, Verdict.FAILS},
            {"carry.station-far", of(BoundariesTest::rail), 1.40, 1.41, Verdict.HOLDS, Verdict.CLOSE},
            {"carry.part-too-large", of(BoundariesTest::board), 0.900, 0.899, Verdict.HOLDS, Verdict.FAILS},
            // wide cones to 15 m, narrow ones from 18 m on: common practice, no source
            {"transducer.wide-too-deep", of(BoundariesTest::deep), 15, 15.1, Verdict.HOLDS, Verdict.CLOSE},
            {"transducer.wide-too-deep", of(BoundariesTest::deep), 17, 40, Verdict.CLOSE, Verdict.CLOSE},
            // past its reach nothing is seen, four fifths of it are planned with: common practice, no source
            {"transducer.beyond-reach", of(BoundariesTest::ofItsReach), 0.999, 1.001, Verdict.HOLDS, Verdict.FAILS},
            {
                "transducer.above-planning-depth",
                of(BoundariesTest::ofItsReach),
                0.799,
                0.801,
                Verdict.HOLDS,
                Verdict.CLOSE
            },
            // 0.65 m of ringing under a face 0.11 m down, twice that
            {"transducer.blind-top", of(BoundariesTest::shallow), 1.53, 1.51, Verdict.HOLDS, Verdict.CLOSE},
            // 24 degrees hide 0.14 m at 5.5 m on the flat, 0.16 on a slope of 1 degree; fish stand at 0.15
            {"transducer.hidden-at-bottom", of(BoundariesTest::sloping), 0, 1, Verdict.HOLDS, Verdict.CLOSE},
            // a body that sits up in a scupper wants its clear width; one that hangs below is not asked for it
            {"mount.does-not-fit", of(BoundariesTest::scupper), 0.060, 0.040, Verdict.HOLDS, Verdict.FAILS},
            // where nobody said how high the fish stand, nothing is held against a beam
            {"transducer.hidden-at-bottom", of(BoundariesTest::guessedFish), 0, 30, Verdict.HOLDS, Verdict.HOLDS},
            // line beams lie level to 3 degrees, cones to 5: common practice, no source
            {"mount.face-tilted", of(BoundariesTest::seatAt), 2.05, 3.4, Verdict.HOLDS, Verdict.CLOSE},
            // tip margin 1.0 and 1.3: common practice, no source
            {"carry.tips-over", of(BoundariesTest::margin), 1.301, 1.299, Verdict.HOLDS, Verdict.CLOSE},
            {"carry.tips-over", of(BoundariesTest::margin), 1.001, 0.999, Verdict.CLOSE, Verdict.FAILS},
            {"carry.does-not-fit", of(BoundariesTest::tall), 0.149, 0.151, Verdict.HOLDS, Verdict.FAILS},
            {"battery.hours", of(BoundariesTest::wanted), 8.0, 9.0, Verdict.HOLDS, Verdict.CLOSE},
            {"battery.hours", of(BoundariesTest::wanted), 9.5, 10.5, Verdict.CLOSE, Verdict.FAILS}
        };
    }

    private static Transducer chirp() {
        return GOOD.transducers().get(0);
    }

    /** The face so far under the surface. */
    private static Rig under(double metres) {
        double now = Line.of(GOOD).get(FaceStage.STAGE).value().faces().get(0).underM();
        return mounted(GOOD, mount -> mount.withBelowM(Figure.measured(0.02 + metres - now)));
    }

    private static Rig mounted(Rig rig, UnaryOperator<Mount> change) {
        Transducer transducer = rig.transducers().get(0);
        return rig.with(transducer.withMount(change.apply(transducer.mount())));
    }

    /** A post that leaves so many degrees free. */
    private static Rig clear(double degrees) {
        double z = Line.of(GOOD).get(FaceStage.STAGE).value().faces().get(0).zM();
        double away = (z + 0.5) * Math.tan(Math.toRadians(degrees)) + 0.01;
        return GOOD.withCraft(GOOD.craft()
                .withObstructions(List.of(new Obstruction(
                        "post",
                        "post",
                        ObstructionKind.SKEG,
                        Figure.measured(2.6 + away),
                        Figure.measured(-0.2),
                        Figure.measured(0.5),
                        Figure.measured(0.01)))));
    }

    private static Rig proud(double metres) {
        return mounted(GOOD, mount -> mount.withBelowM(Figure.measured(metres)));
    }

    /** A body of 55 mm with its float wants 15 mm on each side. */
    private static Rig hole(double metres) {
        return mounted(DemoRigs.lanternCrate(), mount -> mount.withOpeningM(Figure.measured(metres)));
    }

    private static Rig lead(double metres) {
        return GOOD.with(chirp().withLead(chirp().lead().withLengthM(Figure.rated(metres))));
    }

    private static Rig plug(double metres) {
        return GOOD.with(chirp().withLead(chirp().lead().withPlugM(Figure.rated(metres))));
    }

    private static Rig relief(double metres) {
        return GOOD.with(GOOD.runOf("transducer").orElseThrow().withReliefM(Figure.measured(metres)));
    }

    private static Rig drip(double metres) {
        return GOOD.with(GOOD.runOf("transducer").orElseThrow().withDripM(Figure.measured(metres)));
    }

    /** The supply through a cable fitting by the left foot. */
    private static Rig fitting(double metres) {
        return FitOutTriggers.passage(
                GOOD,
                "port-left",
                p -> p.withOpeningM(Figure.measured(metres))
                        .withOpening(p.opening().withClosedBy(PassThrough.CABLE_FITTING)));
    }

    private static Rig part(double metres) {
        return FitOutTriggers.tube(PassThrough.SPLIT_GROMMET, 0.030, Figure.measured(metres));
    }

    private static Rig rail(double metres) {
        return GOOD.withCraft(GOOD.craft()
                .withStations(GOOD.craft().stations().stream()
                        .map(s -> s.id().equals("rail-left") ? s.withSideM(Figure.measured(-metres)) : s)
                        .toList()));
    }

    private static Rig board(double metres) {
        return FitOutTriggers.boards(Figure.rated(metres), FitOutTriggers.part(0.9, 0.1, false));
    }

    private static Rig loop(double metres) {
        return GOOD.with(GOOD.runOf("transducer").orElseThrow().withLoopM(Figure.chosen(metres)));
    }

    /** Two cables through a lip of 40 mm: a circle twice as wide as the thicker. */
    private static Rig thick(double metres) {
        return GOOD.with(GOOD.runOf("transducer").orElseThrow().withCableM(Figure.measured(metres)));
    }

    private static Rig deep(double metres) {
        return GOOD.withOuting(GOOD.outing().withWater(GOOD.outing().water().withMostM(Figure.measured(metres))));
    }

    /** Fished down to a share of what its beam reaches there. */
    private static Rig ofItsReach(double share) {
        double reach = Line.of(GOOD)
                .get(SonarStage.STAGE)
                .value()
                .first()
                .at(9)
                .reach()
                .orElseThrow()
                .leastM();
        return deep(share * reach);
    }

    private static Rig shallow(double metres) {
        return GOOD.withOuting(GOOD.outing().withWater(GOOD.outing().water().withLeastM(Figure.measured(metres))));
    }

    private static Rig sloping(double degrees) {
        return GOOD.withOuting(GOOD.outing()
                .withWater(GOOD.outing()
                        .water()
                        .with(water -> water.slopeDeg(Figure.measured(degrees)).fishM(Figure.measured(0.15)))));
    }

    private static Rig scupper(double openingM) {
        Transducer held = GOOD.transducers().get(0);
        return GOOD.with(held.with(
                body -> body.bodyM(Figure.measured(0.05)).mount(held.mount().withOpeningM(Figure.measured(openingM)))));
    }

    private static Rig guessedFish(double degrees) {
        Rig rig = sloping(degrees);
        return rig.withOuting(rig.outing().withWater(rig.outing().water().withFishM(Figure.UNSET)));
    }

    private static Rig seatAt(double metres) {
        return GOOD.withCraft(GOOD.craft().withSeatM(Figure.measured(metres)));
    }

    /** The screen of the crate as heavy as the margin says: 6 · 0.225 + 2.7 · 0.325 kg·m hold. */
    private static Rig margin(double margin) {
        Rig rig = DemoRigs.lanternCrate();
        double holds = 6 * 0.225 + 2.7 * 0.325;
        return rig.with(rig.device("display").withMassKg(Figure.measured(holds / margin / (0.38 - 0.225))));
    }

    /** Upright with 30 mm for its plug in a well of 180 mm, and too large to lie down. */
    private static Rig tall(double metres) {
        Pack pack = GOOD.harness().pack("pack");
        return GOOD.with(pack.withSize(new Size(Figure.rated(0.30), Figure.rated(0.29), Figure.rated(metres))));
    }

    static DoubleFunction<Rig> of(DoubleFunction<Rig> made) {
        return made;
    }

    @Test(dataProvider = "limits")
    public void onBothSidesOfTheLimit(
            String id, DoubleFunction<Rig> made, double inside, double outside, Verdict better, Verdict worse) {
        assertEquals(verdict(id, made.apply(inside)), better, id + " at " + inside);
        assertEquals(verdict(id, made.apply(outside)), worse, id + " at " + outside);
    }

    /** Where several fuses or wires are wrong at once, a change of all of them is offered, and cures. */
    @Test
    public void severalFaultsOfOneKindAreCuredTogether() {
        Rig rig = TestRigs.twoScreens();
        for (Segment segment : rig.harness().segments()) {
            for (Fitting fitting : segment.fittings()) {
                if (fitting instanceof Fitting.Fuse fuse) {
                    rig = rig.with(rig.harness().segment(segment.id()).with(fuse.withRatingA(Figure.rated(40))));
                }
            }
        }
        List<String> fuses = Mended.ids(rig, "fuse.above-ampacity");
        assertTrue(fuses.contains("fuse.rate-all"), fuses.toString());
        Rig cured = Comparison.find(Line.of(rig), "fuse.rate-all").orElseThrow().after();
        assertEquals(verdict("fuse.above-ampacity", cured), Verdict.HOLDS);
        assertEquals(verdict("fuse.opens-in-use", cured), Verdict.HOLDS);

        Rig thin = TestRigs.twoScreens();
        for (Segment segment : thin.harness().segments()) {
            thin = thin.with(segment.withWire(segment.wire().withGauge(new Gauge.Awg(22))));
        }
        List<String> wires = Mended.ids(thin, "wire.drop");
        assertTrue(wires.stream().anyMatch(id -> id.startsWith("wire.gauge-all")), wires.toString());
    }

    /** Both fuses next to the packs are too weak for a dead short of 20 Ah cells: one change betters both. */
    @Test
    public void weakFusesOfSeveralPacksAreReplacedTogether() {
        Review review = new RigReviewer().review(Line.of(TestRigs.twoScreens()));
        Finding finding = finding(review, "fuse.breaking-capacity");
        assertEquals(finding.verdict(), Verdict.FAILS);
        assertEquals(Mended.ids(TestRigs.twoScreens(), finding.rule()).get(0), "fuse.form.strip");
    }

    @DataProvider
    public Object[][] volts() {
        return new Object[][] {
            {Chemistry.LIFEPO4, 1, Fitting.Form.BLADE, Verdict.HOLDS},
            {Chemistry.LIFEPO4, 2, Fitting.Form.BLADE, Verdict.HOLDS},
            {Chemistry.NMC_4S, 2, Fitting.Form.BLADE, Verdict.FAILS},
            {Chemistry.LIFEPO4, 3, Fitting.Form.BLADE, Verdict.FAILS},
            {Chemistry.LIFEPO4, 3, Fitting.Form.STRIP, Verdict.FAILS},
            {Chemistry.LIFEPO4, 3, Fitting.Form.TERMINAL_CUBE, Verdict.HOLDS},
            {Chemistry.AGM, 4, Fitting.Form.TERMINAL_CUBE, Verdict.HOLDS}
        };
    }

    /** Handbook §10: blades break at 32 V; strips 32 V, terminal cubes 58 V, values from memory of data sheets. */
    @Test(dataProvider = "volts")
    public void aFuseBreaksAtTheVoltsOfItsBattery(Chemistry chemistry, int blocks, Fitting.Form form, Verdict verdict) {
        Rig rig = GOOD.with(GOOD.harness().pack("pack").withChemistry(chemistry).withBlocks(blocks));
        Segment lead = rig.harness().segment("lead");
        Fitting.Fuse fuse = (Fitting.Fuse) lead.fittings().get(0);
        assertEquals(verdict("fuse.breaking-volts", rig.with(lead.with(fuse.withForm(form)))), verdict);
    }

    /** A bank of 36 V beside a pack of 12 V: each fuse by its own. */
    @Test
    public void eachFuseIsJudgedByWhatFeedsIt() {
        Rig rig = TestRigs.twoBanks();
        Finding finding = finding(new RigReviewer().review(Line.of(rig)), "fuse.breaking-volts");
        Segment lead = rig.harness().segment("to-motor");
        assertTrue(
                finding.text().plain().contains(lead.fittings().get(0).name()),
                finding.text().plain());
        assertEquals(Mended.ids(rig, "fuse.breaking-volts"), List.of("fuse.form.terminal-cube"));
        Rig cured = Comparison.find(Line.of(rig), "fuse.form.terminal-cube")
                .orElseThrow()
                .after();
        assertEquals(verdict("fuse.breaking-volts", cured), Verdict.HOLDS);
    }

    private static Finding finding(Review review, String id) {
        return review.findings().stream()
                .filter(f -> f.rule().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
