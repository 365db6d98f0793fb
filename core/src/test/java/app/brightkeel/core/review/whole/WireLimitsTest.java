package app.brightkeel.core.review.whole;

import static app.brightkeel.core.review.whole.BoundariesTest.of;
import static app.brightkeel.core.review.whole.BoundariesTest.verdict;
import static app.brightkeel.core.rig.Figure.UNSET;
import static app.brightkeel.core.rig.Figure.measured;
import static app.brightkeel.core.rig.Figure.rated;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.WaterKind;
import java.util.List;
import java.util.function.DoubleFunction;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Rules of harness and fuses on both sides of their limits. */
public class WireLimitsTest {

    private static final Rig GANNET = DemoRigs.gannet();

    private static Rig main(double ratingA) {
        Segment trunk = GANNET.harness().segment("trunk");
        return GANNET.with(trunk.with(((Fitting.Fuse) trunk.fittings().get(0)).withRatingA(rated(ratingA))));
    }

    /** Both cables through one passage of this length; how far apart the others lie is not known. */
    private static Rig beside(double metres) {
        Rig rig = RuleTriggers.good();
        List<Passage> passages = rig.craft().passages().stream()
                .map(p -> p.id().equals("stern-lip") ? p.withLengthM(measured(metres)) : p)
                .toList();
        Segment lead = rig.harness().segment("lead");
        return rig.with(lead.withWire(lead.wire().withTwisted(false)))
                .withCraft(rig.craft()
                        .with(c -> c.passages(passages)
                                .stations(rig.craft().stations().stream()
                                        .map(s -> s.withHeightM(UNSET))
                                        .toList())));
    }

    private static Rig ways(double ways) {
        Junction block = GANNET.harness().junction("block").orElseThrow();
        return GANNET.with(block.withWays(rated(ways)));
    }

    private static Rig spares(double spares) {
        Segment trunk = GANNET.harness().segment("trunk");
        return GANNET.with(trunk.with(((Fitting.Fuse) trunk.fittings().get(0)).withSpares(measured(spares))));
    }

    /** Two screens off one block, one of them at the end of so much thin wire. */
    private static Rig thin(double metres) {
        Segment five = GANNET.harness().segment("five-lead");
        return GANNET.with(
                five.withWire(five.wire().withGauge(new Gauge.Awg(22)).withLengthM(measured(metres))));
    }

    @DataProvider
    public Object[][] waters() {
        return new Object[][] {
            {CraftKind.SIT_ON_TOP, WaterKind.FRESH, "gets wet aboard"},
            {CraftKind.SIT_ON_TOP, WaterKind.UNDECIDED, "gets wet aboard"},
            {CraftKind.SIT_ON_TOP, WaterKind.BRACKISH, "salt water"},
            {CraftKind.ICE_WALK_OUT, WaterKind.SEA, "salt water"},
            {CraftKind.ICE_WALK_OUT, WaterKind.FRESH, ""},
            {CraftKind.UNDECIDED, WaterKind.FRESH, ""}
        };
    }

    /** Common practice, no source: plain copper is pointed out wherever it gets wet, and tinned never. */
    @Test(dataProvider = "waters")
    public void bareCopperIsPointedOutWhereItGetsWet(CraftKind craft, WaterKind water, String why) {
        Rig good = RuleTriggers.good();
        Rig rig = good.withCraft(good.craft().withKind(craft))
                .withOuting(good.outing().withWater(good.outing().water().withKind(water)));
        Segment lead = rig.harness().segment("lead");
        Rig bare = rig.with(lead.withWire(lead.wire().withTinned(false)));
        List<String> said = new RigReviewer()
                .review(Line.of(bare)).findings().stream()
                        .filter(finding -> finding.rule().equals("wire.not-tinned"))
                        .map(finding -> finding.text().plain())
                        .toList();
        assertEquals(said.isEmpty(), why.isEmpty(), said.toString());
        assertTrue(said.isEmpty() || said.get(0).contains(why), said.toString());
        assertEquals(verdict("wire.not-tinned", rig), Verdict.HOLDS);
    }

    @DataProvider
    public Object[][] limits() {
        return new Object[][] {
            {"fuse.opens-upstream", of(WireLimitsTest::main), 8.0, 7.9, Verdict.HOLDS, Verdict.CLOSE},
            {"wire.beside-sonar", of(WireLimitsTest::beside), 0.3, 0.31, Verdict.HOLDS, Verdict.CLOSE},
            {"wire.too-few-ways", of(WireLimitsTest::ways), 4, 3, Verdict.HOLDS, Verdict.FAILS},
            {"fuse.no-spares", of(WireLimitsTest::spares), 1, 0, Verdict.HOLDS, Verdict.CLOSE},
            {"wire.devices-read-apart", of(WireLimitsTest::thin), 1.5, 9, Verdict.HOLDS, Verdict.CLOSE}
        };
    }

    @Test(dataProvider = "limits")
    public void onBothSidesOfTheLimit(
            String id, DoubleFunction<Rig> made, double inside, double outside, Verdict better, Verdict worse) {
        assertEquals(verdict(id, made.apply(inside)), better, id + " at " + inside);
        assertEquals(verdict(id, made.apply(outside)), worse, id + " at " + outside);
    }

    /**
     * Common practice: a thick feed is allowed and called generous, the smallest sufficient size beside it. Oystercatcher's
     * 3.2 m at 1.2 A: 22 AWG loses 3.5 % (close), 20 AWG 2.3 %; metric 0.75 mm² is the thinnest there is.
     */
    @DataProvider
    public Object[][] feeds() {
        return new Object[][] {
            {new Gauge.Awg(10), new Gauge.Awg(20)},
            {new Gauge.Awg(20), new Gauge.Awg(20)},
            {new Gauge.Metric(6), new Gauge.Metric(0.75)}
        };
    }

    @Test(dataProvider = "feeds")
    public void aThickFeedIsGenerous(Gauge planned, Gauge enough) {
        Rig rig = RuleTriggers.good();
        Segment lead = rig.harness().segment("lead");
        Line line = Line.of(rig.with(lead.withWire(lead.wire().withGauge(planned))));
        String why = Links.of(Link.WIRE).workings(line).get(1).toString();
        assertEquals(why.contains("supply lead: generous"), !planned.equals(enough), why);
        assertTrue(why.contains("si=" + enough.size().areaMm2()), why);
        boolean said = Comparison.of(line, Link.WIRE, new RigReviewer()).stream()
                .filter(Comparison.Offer::planned)
                .flatMap(offer -> offer.reasons().stream())
                .anyMatch(reason -> reason.plain().startsWith("supply lead is generous"));
        assertEquals(said, !planned.equals(enough));
    }

    /** Common practice: 3 A for one small display. It holds on the crate, whose load would do with 1 A. */
    @Test
    public void threeAmperesForOneSmallDisplay() {
        Line line = Line.of(DemoRigs.lanternCrate());
        assertEquals(new RigReviewer().state(line, Link.FUSE).verdict(), Verdict.HOLDS);
        assertEquals(FuseTables.smallestFor(8 / 10.0), 1, 0);
    }

    /** A motor is quiet on a battery of its own; on a run of its own it is pointed out, on a trunk the more. */
    @Test
    public void motorsByWhatTheyShare() {
        Device keypad = GANNET.device("keypad");
        Rig pumped = GANNET.with(keypad.withKind(DeviceKind.PUMP));
        assertEquals(verdict("wire.motor-on-sonar", GANNET), Verdict.HOLDS);
        assertEquals(verdict("wire.motor-on-sonar", pumped), Verdict.CLOSE);
        Rig alone = Comparison.find(Line.of(pumped), "wire.hang.keypad-lead.pack")
                .orElseThrow()
                .after();
        assertEquals(verdict("wire.motor-on-sonar", alone), Verdict.CLOSE);
        List<Remedy.Cure> ways = Mended.of(pumped, "wire.motor-on-sonar");
        assertEquals(ways.stream().map(Remedy.Cure::id).toList(), List.of("wire.own-run.keypad-lead"), ways.toString());
        assertEquals(ways.get(0).mending(), Remedy.Mending.HELPS);
        assertTrue(ways.get(0).note().plain().contains("hang on one battery"), ways.toString());
    }

    /** Twisting quiets a screen's supply beside the sonar, not a pump's. */
    @Test
    public void twistingHelpsWhatHasNoMotor() {
        Rig rig = beside(1);
        Segment lead = rig.harness().segment("lead");
        Rig twisted = rig.with(lead.withWire(lead.wire().withTwisted(true)));
        assertEquals(verdict("wire.beside-sonar", twisted), Verdict.HOLDS);
        Rig pump = twisted.with(twisted.device("display").withKind(DeviceKind.PUMP));
        assertEquals(verdict("wire.beside-sonar", pump), Verdict.CLOSE);
    }

    /** A charger whose plug does not go with what it charges by is found, over a wire's plug too. */
    @Test
    public void chargersPlugIsPartOfTheChain() {
        Rig crate = DemoRigs.lanternCrate();
        Ending plug = Ending.of(Ending.Terminal.QUICK_PLUG, Ending.Half.OPEN_PINS);
        Rig plugged = crate.withChargers(List.of(crate.chargers().get(0).with(c -> c.ending(plug))));
        assertEquals(verdict("wire.plug-does-not-mate", crate), Verdict.HOLDS, "clips go on tabs");
        assertEquals(verdict("wire.plug-does-not-mate", plugged), Verdict.FAILS);
        Segment lead = crate.harness().segment("lead");
        Rig via = plugged.with(lead.withEnd(plug.mate()))
                .withChargers(List.of(plugged.chargers().get(0).withVia("lead")));
        assertEquals(verdict("wire.plug-does-not-mate", via), Verdict.HOLDS);
        Rig built = Comparison.find(Line.of(plugged), "wire.school.quick-plugs")
                .orElseThrow()
                .after();
        assertEquals(
                verdict("wire.plug-does-not-mate", built), Verdict.HOLDS, "the school brings the charger's plug along");
        assertEquals(verdict("wire.live-pins-open", built), Verdict.HOLDS);
    }

    /** What a display's own lead ends in is an end like others; the lead is what is changed, not the display. */
    @DataProvider
    public Object[][] endsAtADisplay() {
        Ending shrouded = Ending.of(Ending.Terminal.QUICK_PLUG, Ending.Half.SHROUDED);
        Ending bare = Ending.of(Ending.Terminal.BARE, Ending.Half.UNDECIDED);
        return new Object[][] {
            {shrouded, shrouded.mate(), Verdict.HOLDS, Verdict.HOLDS},
            {shrouded, shrouded, Verdict.FAILS, Verdict.HOLDS},
            {shrouded.mate(), shrouded, Verdict.HOLDS, Verdict.CLOSE},
            {shrouded, bare, Verdict.FAILS, Verdict.HOLDS},
            {Ending.of(Ending.Terminal.BUTT, Ending.Half.UNDECIDED), bare, Verdict.HOLDS, Verdict.HOLDS},
            {Ending.of(Ending.Terminal.FORK, Ending.Half.UNDECIDED), shrouded, Verdict.FAILS, Verdict.HOLDS},
        };
    }

    @Test(dataProvider = "endsAtADisplay")
    public void aDisplaysEndIsAnEnd(Ending lead, Ending power, Verdict mates, Verdict live) {
        Rig rig = RuleTriggers.good();
        Device display = rig.devices().get(0);
        Rig ended = rig.with(rig.harness().segment("lead").withEnd(lead))
                .with(display.withSockets(display.sockets().withPower(power)));
        assertEquals(verdict("wire.plug-does-not-mate", ended), mates);
        assertEquals(verdict("wire.live-pins-open", ended), live);
        if (mates == Verdict.FAILS) {
            Rig cured = Comparison.find(Line.of(ended), "wire.end.lead")
                    .orElseThrow()
                    .after();
            assertEquals(verdict("wire.plug-does-not-mate", cured), Verdict.HOLDS);
            assertEquals(cured.devices().get(0).sockets().power(), power);
        }
    }

    /** Colours change on the way: pointed out until the point bears labels, or all are alike. */
    @Test
    public void coloursAreTheSameOrMarked() {
        Rig rig = TestRigs.twoScreens();
        Harness plain = rig.harness();
        Harness brown = plain;
        for (String lead : List.of("left-lead", "right-lead")) {
            Segment own = plain.segment(lead);
            brown = brown.with(own.withWire(own.wire().withColours("Brown / Blue")));
        }
        Rig other = rig.withHarness(brown);
        assertEquals(verdict("wire.colours-unlike", rig), Verdict.HOLDS);
        assertEquals(verdict("wire.colours-unlike", other), Verdict.CLOSE);
        Rig marked = other.withHarness(brown.withJunctions(
                brown.junctions().stream().map(each -> each.withLabelled(true)).toList()));
        assertEquals(verdict("wire.colours-unlike", marked), Verdict.HOLDS);
        Rig alike = Comparison.find(Line.of(other), "wire.same-colours")
                .orElseThrow()
                .after();
        assertEquals(verdict("wire.colours-unlike", alike), Verdict.HOLDS);
        assertTrue(alike.harness().segments().stream()
                .allMatch(segment -> segment.wire().colours().equals("Brown / Blue")));
    }

    /** A run laid for one lead goes with it when it is hung elsewhere; only wires that are gone lose their way. */
    @Test
    public void waysGoWithTheirWires() {
        Rig rig = TestRigs.twoScreens();
        Rig out = Comparison.find(Line.of(rig), "wire.out.block").orElseThrow().after();
        assertFalse(out.runs().stream().map(Run::carries).anyMatch("trunk"::equals));
        assertEquals(out.runs().size(), rig.runs().size() - 1);
    }

    /** Why tells the heat, the band, what stands upstream and what the fuse itself costs, each with its figure. */
    @Test
    public void whyOfAFuse() {
        List<Working> workings = Links.of(Link.FUSE).workings(Line.of(GANNET));
        String all = workings.toString();
        for (String words : List.of(
                "most it lets through until it opens",
                "what the weakest wire behind it stands",
                "lost over the fuse itself",
                "rating of the main fuse over this one",
                "may cut off first")) {
            assertTrue(all.contains(words), words);
        }
    }
}
