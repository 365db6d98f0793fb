package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Adapter;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.SonarVersion;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is proposed is whole: a live head comes with its box, its lead and its look, a transducer with its adapter. */
public class LiveHeadsTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    private static List<Comparison.Offer> offers(Rig rig) {
        return Comparison.of(Line.of(rig), Link.TRANSDUCER, REVIEWER);
    }

    private static Rig casting() {
        Rig rig = RuleTriggers.good();
        return rig.withOuting(rig.outing()
                .withWater(rig.outing()
                        .water()
                        .withStyle(FishingStyle.CAST_FORWARD)
                        .withMotion(Motion.STILL)));
    }

    private static Rig after(Rig rig, String id) {
        return Comparison.find(Line.of(rig), id).orElseThrow().after();
    }

    /** Heads are judged as a set: one that looks where the fish are serves, whatever another one adds. */
    @DataProvider
    public Object[][] sets() {
        return new Object[][] {
            {FishingStyle.CAST_FORWARD, List.of(Look.FORWARD), false},
            {FishingStyle.CAST_FORWARD, List.of(Look.FORWARD, Look.ON_SIDE), false},
            {FishingStyle.CAST_FORWARD, List.of(Look.FORWARD, Look.DOWN), false},
            {FishingStyle.CAST_FORWARD, List.of(Look.ON_SIDE), true},
            {FishingStyle.CAST_FORWARD, List.of(Look.DOWN, Look.DOWN), true},
            {FishingStyle.VERTICAL, List.of(Look.DOWN, Look.DOWN), false},
            {FishingStyle.VERTICAL, List.of(Look.DOWN, Look.FORWARD), false},
            {FishingStyle.VERTICAL, List.of(Look.FORWARD, Look.ON_SIDE), true},
            {FishingStyle.DRIFT, List.of(Look.FORWARD, Look.ON_SIDE), false},
            {FishingStyle.VERTICAL, List.of(Look.UNDECIDED, Look.DOWN), false},
        };
    }

    @Test(dataProvider = "sets")
    public void headsAreJudgedAsASet(FishingStyle style, List<Look> looks, boolean found) {
        Transducer item = Catalogue.transducers().stream()
                .filter(Transducer::live)
                .findFirst()
                .orElseThrow();
        List<Transducer> heads = IntStream.range(0, looks.size())
                .mapToObj(h -> item.withId("head-" + h).withLook(looks.get(h)))
                .toList();
        Rig rig = casting();
        Rig with = rig.with(r -> r.transducers(heads).runs(List.of()))
                .withOuting(rig.outing().withWater(rig.outing().water().withStyle(style)));
        assertEquals(
                REVIEWER.review(Line.of(with)).findings().stream()
                        .anyMatch(finding -> finding.rule().equals("transducer.looks-elsewhere")),
                found);
    }

    /** On a rig where nothing is open, a proposed pair leaves nothing open, and a wire feeds its box. */
    @Test
    public void pairsOfHeadsAreWholeRigs() {
        for (Rig rig : List.of(casting(), DemoRigs.lanternCrate())) {
            List<String> pairs = offers(rig).stream()
                    .map(Comparison.Offer::id)
                    .filter(id -> id.startsWith("transducer.pair."))
                    .toList();
            assertTrue(pairs.size() >= 2, pairs.toString());
            for (String id : pairs) {
                Rig with = after(rig, id);
                List<Transducer> heads =
                        with.transducers().stream().filter(Transducer::live).toList();
                assertEquals(heads.size(), id.contains(".crossed.") ? 2 : 1, id);
                Device module = with.devices().stream()
                        .filter(device -> device.kind() == DeviceKind.LIVE_MODULE)
                        .findFirst()
                        .orElseThrow();
                for (Transducer head : heads) {
                    assertEquals(head.feeds(), module.id());
                    assertEquals(head.look(), id.contains(".ahead.") ? Look.FORWARD : Look.DOWN);
                }
                assertTrue(with.harness().segments().stream().anyMatch(s -> s.to().equals(module.id())), id);
                Review review = REVIEWER.review(Line.of(with));
                List<String> wanted = review.findings().stream()
                        .flatMap(finding -> finding.pointers().stream())
                        .toList();
                assertEquals(wanted, List.of(), id);
            }
        }
    }

    /** Who casts is shown heads that look ahead, who fishes below heads that look down. */
    @Test
    public void aHeadFromTheCatalogueLooksWhereTheStyleWants() {
        Rig down = casting()
                .withOuting(
                        casting().outing().withWater(casting().outing().water().withStyle(FishingStyle.VERTICAL)));
        String take = "transducer.take.transducer.live-130";
        assertEquals(after(casting(), take).transducers().get(0).look(), Look.FORWARD);
        assertEquals(after(down, take).transducers().get(0).look(), Look.DOWN);
        Comparison.Offer live = offers(casting()).stream()
                .filter(offer -> offer.id().equals(take))
                .findFirst()
                .orElseThrow();
        assertEquals(live.after().verdict(), Verdict.HOLDS);
        assertTrue(live.effects().stream().anyMatch(e -> e.link() == Link.BATTERY), "it draws");
    }

    /** Pins of the plug, pins of the socket, and the adapter that comes with the item, if there is one. */
    @DataProvider
    public Object[][] adapters() {
        return new Object[][] {
            {"chirp-24", 8, ""},
            {"chirp-24", 12, "8 to 12-pin adapter"},
            {"cone-20", 8, "4 to 8-pin adapter"},
            {"cone-20", 12, "4 to 12-pin adapter"},
            {"chirp-16", 4, "8 to 4-pin adapter"},
            {"line-cone", 4, ""},
            {"side-line-cone", 8, ""},
        };
    }

    /** None that loses a beam of the transducer is taken along. */
    @Test(dataProvider = "adapters")
    public void itemsComeWithTheAdapterTheyNeed(String item, double socket, String adapter) {
        Device display = DemoRigs.oystercatcher().devices().get(0);
        Rig rig = DemoRigs.oystercatcher()
                .with(display.withSockets(
                        display.sockets().withSonarPins(Figure.rated(socket)).withVersion(SonarVersion.SWEEP)));
        Transducer taken =
                after(rig, "transducer.take.transducer." + item).transducers().get(0);
        assertEquals(taken.plug().adapters().stream().map(Adapter::name).collect(Collectors.joining()), adapter);
        boolean fits = taken.plug().pinsAtDisplay().value() == socket;
        List<String> fails = REVIEWER.review(Line.of(rig.with(taken))).findings().stream()
                .map(Finding::rule)
                .toList();
        assertEquals(fails.contains("transducer.pins-differ"), !fits, fails.toString());
        assertFalse(fails.contains("transducer.adapter-loses"), fails.toString());
    }

    /** Each type of the catalogue stands in the ranking, with a reason, and what is planned once. */
    @Test
    public void everyTypeIsRankedWithAReason() {
        for (Rig rig : TestRigs.all()) {
            List<Comparison.Offer> offers = offers(rig);
            List<String> missing = new ArrayList<>(Catalogue.transducers().stream()
                    .map(item -> "transducer.take." + rig.transducers().get(0).id() + "." + item.id())
                    .toList());
            missing.removeAll(offers.stream().map(Comparison.Offer::id).toList());
            // the one the rig has already may stand as what is planned
            assertTrue(missing.size() <= 1, missing.toString());
            assertEquals(offers.stream().filter(Comparison.Offer::planned).count(), 1L);
        }
    }
}
