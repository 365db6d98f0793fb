package app.brightkeel.core.picture;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import app.brightkeel.core.TestRigs;
import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.parts.ConnectorList;
import app.brightkeel.core.parts.ShoppingList;
import app.brightkeel.core.parts.WireList;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.Links;
import app.brightkeel.core.review.whole.Mended;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Harnesses nobody would wire: built up by edits at random, or without any resistance; judged, drawn, listed. */
public class OddHarnessTest {

    private static final int RIGS = Share.of(40);
    private static final int EDITS = 10;
    private static final RigReviewer REVIEWER = new RigReviewer();

    private final Random random = new Random(23);

    private <T> T any(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    /** Whatever is dragged, put in, taken out or built anew: a whole rig, of which everything can be asked. */
    @Test
    public void whateverIsEditedIsJudgedDrawnAndListed() {
        List<Rig> starts = Stream.concat(TestRigs.all().stream(), Stream.of(DemoRigs.sandpiper(), TestRigs.longDay()))
                .toList();
        int edited = 0;
        for (int i = 0; i < RIGS; i++) {
            Rig rig = any(starts);
            for (int e = 0; e < EDITS; e++) {
                rig = random.nextInt(4) == 0 ? strange(rig) : rig;
                Line line = Line.of(rig);
                Optional<Rig> next = Comparison.find(line, edit(line)).map(change -> change.after());
                edited += next.isPresent() ? 1 : 0;
                rig = next.orElse(rig);
            }
            everythingOf(rig);
        }
        assertTrue(edited > RIGS * EDITS / 6, "edits that made sense: " + edited);
    }

    private String edit(Line line) {
        List<String> schools = List.of("in-line", "splitter", "block", "switched", "boat", "quick-plugs");
        List<Mark.Element> elements = Pictures.of(line, Link.WIRE)
                .map(scene -> scene.marks().stream()
                        .filter(Mark.Element.class::isInstance)
                        .map(Mark.Element.class::cast)
                        .toList())
                .orElse(List.of());
        if (elements.isEmpty() || random.nextInt(12) == 0) {
            return "wire.school." + any(schools);
        }
        String part = any(elements).part();
        return switch (random.nextInt(4)) {
            case 0 -> "wire.out." + part;
            case 1 -> "wire.in." + any(List.of("fuse", "switch", "plug", "splitter")) + "." + part;
            case 2 -> "wire.hang." + part + "." + any(elements).part();
            default -> "wire.move." + part + "." + any(elements).part();
        };
    }

    /** Lengths, gauges, ends, ways and draws at the ends of what fields hold. */
    private Rig strange(Rig rig) {
        Harness harness = rig.harness();
        if (harness.segments().isEmpty()) {
            return rig;
        }
        Segment segment = any(harness.segments());
        Device device = any(rig.devices());
        Ending ending = new Ending(
                any(List.of(Ending.Terminal.values())),
                any(List.of(Ending.Half.values())),
                random.nextBoolean() ? Figure.UNSET : Figure.measured(1 + random.nextInt(40)),
                random.nextBoolean() ? Figure.UNSET : Figure.measured(0.002 + 0.09 * random.nextDouble()));
        return switch (random.nextInt(6)) {
            case 0 ->
                rig.with(segment.withWire(segment.wire()
                        .withLengthM(any(List.of(Figure.measured(0), Figure.measured(60), Figure.UNSET)))));
            case 1 ->
                rig.with(segment.withWire(segment.wire()
                        .withGauge(any(List.of(Gauge.UNDECIDED, new Gauge.Awg(24), new Gauge.Metric(16))))));
            case 2 -> rig.with(segment.with(s -> s.start(ending).end(ending)));
            case 3 -> rig.with(harness.packs().get(0).withEnding(ending));
            case 4 ->
                rig.with(device.withDraw(any(List.of(
                        new Draw.Steady(Figure.rated(60)),
                        new Draw.Steady(Figure.rated(0)),
                        new Draw.Resistive(Figure.rated(500), Figure.rated(3)),
                        new Draw.Resistive(Figure.rated(2), Figure.UNSET)))));
            default ->
                harness.junctions().isEmpty()
                        ? rig
                        : rig.with(any(harness.junctions())
                                .with(j -> j.sort(any(List.of(Junction.Meeting.values())))
                                        .ways(Figure.rated(1))));
        };
    }

    private static void everythingOf(Rig rig) {
        Line line = Line.of(rig);
        REVIEWER.review(line);
        for (Link link : List.of(Link.SCREEN, Link.WIRE, Link.FUSE, Link.BATTERY, Link.CABLE)) {
            for (Outcome<Scene> scene : Pictures.all(line, link)) {
                assertTrue(!scene.isKnown() || !scene.value().marks().isEmpty(), link + " of " + rig);
            }
            Links.of(link).workings(line);
        }
        for (Moment.Charge charge : Moment.Charge.values()) {
            Pictures.harness(line, new Moment(charge, 2, true, Set.of("five")));
        }
        Comparison.of(line, Link.WIRE, REVIEWER);
        WireList.of(line);
        ConnectorList.of(line);
        ShoppingList.of(line);
        line.get(Feed.STAGE)
                .map(FeedState::empty)
                .orElse(new FeedState.Point(false, List.of(), List.of(), List.of()))
                .volts()
                .forEach(volts -> assertTrue(Double.isFinite(volts) && volts > 0, rig.name()));
    }

    /** Without any resistance two full packs meet: volts stay finite, and it is said that nobody measured. */
    @Test
    public void noResistanceAnywhere() {
        Rig rig = TestRigs.twoScreens();
        List<Segment> none = rig.harness().segments().stream()
                .map(s -> s.with(each -> each.wire(s.wire().withLengthM(Figure.measured(0)))
                        .fittings(s.fittings().stream()
                                .map(OddHarnessTest::withoutOhm)
                                .toList())))
                .toList();
        List<Pack> ideal = rig.harness().packs().stream()
                .map(pack -> pack.with(p -> p.cellsOhm(Figure.measured(0)).electronicsOhm(Figure.measured(0))))
                .toList();
        Rig bare = rig.withHarness(rig.harness().with(h -> h.segments(none).packs(ideal)));
        everythingOf(bare);
        assertTrue(found(bare).containsKey("wire.no-length"));
        FeedState feed = Line.of(bare).get(Feed.STAGE).value();
        assertTrue(feed.full().exists());
        assertFalse(feed.full().volts().stream().anyMatch(v -> v.isNaN() || v.isInfinite()));
    }

    /** Names as long as they may be: what is named after them is cut, not refused. */
    @Test
    public void theLongestNames() {
        everythingOf(longNamed(DemoRigs.gannet()));
        assertTrue(Comparison.find(Line.of(longNamed(DemoRigs.gannet())), "wire.in.fuse.trunk")
                .isPresent());
        // its bare lead is offered a fuse
        everythingOf(longNamed(DemoRigs.sandpiper()));
    }

    private static Rig longNamed(Rig rig) {
        String longest = "n".repeat(Checks.LONGEST_NAME);
        Rig named = rig;
        for (Device device : rig.devices()) {
            named = named.with(device.withName(longest));
        }
        for (Segment segment : rig.harness().segments()) {
            named = named.with(segment.withName(longest));
        }
        return named;
    }

    private static Fitting withoutOhm(Fitting fitting) {
        Figure none = Figure.measured(0);
        if (fitting instanceof Fitting.Fuse fuse) {
            return fuse.with(f -> f.ohm(none).atM(none));
        }
        return fitting instanceof Fitting.Switch
                ? new Fitting.Switch(fitting.id(), fitting.name(), none)
                : new Fitting.Joint(fitting.id(), fitting.name(), none);
    }

    /** What the issue calls found: legal rigs that do not work, each with the rule that says so. */
    @DataProvider
    public Object[][] found() {
        Rig gannet = DemoRigs.gannet();
        Rig two = TestRigs.twoScreens();
        Segment five = gannet.harness().segment("five-lead");
        Fitting.Fuse fuse = (Fitting.Fuse) five.fittings().get(0);
        List<Segment> unfed =
                gannet.harness().segments().stream().filter(s -> s != five).toList();
        return new Object[][] {
            {gannet.withHarness(gannet.harness().withSegments(unfed)), "wire.not-fed"},
            {two.with(two.harness().pack("left").withChemistry(Chemistry.AGM)), "battery.mixed-parallel"},
            {gannet.with(five.with(fuse.withRatingA(Figure.rated(40)))), "fuse.above-ampacity"},
            {gannet.with(five.with(fuse.withRatingA(Figure.rated(40)))), "fuse.above-maker-maximum"},
            {gannet.with(five.withWire(five.wire().withLengthM(Figure.measured(0)))), "wire.no-length"},
            {gannet, "wire.spare-does-not-mate"},
            {gannet, "wire.start-dip"}
        };
    }

    @Test(dataProvider = "found")
    public void whatDoesNotWorkIsFoundAndCured(Rig rig, String rule) {
        Map<String, Finding> all = found(rig);
        assertTrue(all.containsKey(rule), rule + " is not among " + all.keySet());
        assertFalse(Mended.of(rig, rule).isEmpty(), rule + " has no cure");
    }

    private static Map<String, Finding> found(Rig rig) {
        List<Finding> all = new ArrayList<>(REVIEWER.review(Line.of(rig)).findings());
        return all.stream().collect(Collectors.toMap(Finding::rule, finding -> finding));
    }
}
