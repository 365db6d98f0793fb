package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.gear.CraftItem;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.PartKind;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Rigs filled in from nothing and from half, and mended at one press: judged by the rig's own rules, not by what was meant. */
public class FillingTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    private static Rig blank(CraftKind kind) {
        Rig blank = Rig.blank("blank", kind);
        Phase day = new Phase("day", "the day", Figure.UNSET, Figure.UNSET, List.of());
        return blank.withOuting(blank.outing().withPhases(List.of(day)));
    }

    private static Rig filled(Rig rig) {
        return Comparison.find(Line.of(rig), "water.fill-in").map(Change::after).orElse(rig);
    }

    private static Rig mended(Rig rig) {
        return Comparison.find(Line.of(rig), "water.mend-all")
                .map(Change::after)
                .orElse(rig);
    }

    private static List<Verdict> verdicts(Rig rig) {
        return REVIEWER.states(Line.of(rig)).stream().map(LinkState::verdict).toList();
    }

    /** Every ready craft with every display of the catalogue. */
    @DataProvider
    public Object[][] starts() {
        List<Object[]> all = new ArrayList<>();
        for (CraftItem craft : Catalogue.crafts()) {
            for (Device display : Catalogue.devices()) {
                if (display.kind().display()) {
                    Rig rig = blank(craft.craft().kind()).withCraft(craft.craft());
                    all.add(new Object[] {
                        craft.name() + ", " + display.name(), rig.withDevices(List.of(display.withOrigin(display.id())))
                    });
                }
            }
        }
        for (CraftKind kind : CraftKind.values()) {
            if (kind != CraftKind.UNDECIDED) {
                all.add(new Object[] {kind.words(), blank(kind)});
            }
        }
        return all.toArray(Object[][]::new);
    }

    @DataProvider
    public Object[][] crafts() {
        return Catalogue.crafts().stream().map(item -> new Object[] {item}).toArray(Object[][]::new);
    }

    /** No scupper mount on a canoe, no ice float on a kayak: what is offered sits where such things sit. */
    @Test(dataProvider = "crafts")
    public void comparedIsOnlyWhatCanBe(CraftItem item) {
        Line line = Line.of(filled(blank(item.craft().kind()).withCraft(item.craft())));
        List<Comparison.Offer> offers = Comparison.of(line, Link.MOUNT, REVIEWER);
        assertFalse(offers.isEmpty());
        for (Comparison.Offer offer : offers) {
            Rig after = Comparison.find(line, offer.id()).orElseThrow().after();
            Mount mount = after.transducers().get(0).mount();
            Station station = after.craft().station(mount.station()).orElseThrow();
            assertTrue(mount.kind().sitsAt(station.spot()), item.name() + ": " + offer.id());
        }
    }

    /** Whatever is begun with, nine links are judged, none fails, and what was there before is there still. */
    @Test(dataProvider = "starts")
    public void nineVerdictsFromNearlyNothing(String name, Rig start) {
        Rig whole = filled(start);
        List<Verdict> all = verdicts(whole);
        assertFalse(all.contains(Verdict.UNSET), name + ": " + REVIEWER.states(Line.of(whole)));
        assertFalse(
                all.contains(Verdict.FAILS),
                name + ": " + REVIEWER.review(Line.of(whole)).findings());
        start.devices().forEach(device -> assertTrue(whole.devices().contains(device), name));
        assertEquals(filled(whole), whole, "filled in once");
        assertTrue(whole.angler().massKg().equals(start.angler().massKg())
                || whole.angler().massKg().basis() == Figure.Basis.PROPOSED);
    }

    /** What is proposed is what is new; what goes is proposed no more. */
    @Test
    public void whatIsNewIsProposed() {
        Rig start = blank(CraftKind.SIT_ON_TOP);
        Rig whole = filled(start);
        String display = whole.devices().get(0).id();
        assertTrue(whole.proposed().contains(display));
        assertTrue(whole.proposed().contains(whole.harness().packs().get(0).id()));
        assertFalse(whole.without(PartKind.DEVICE, display).proposed().contains(display));
        Rig own = start.withDevices(List.of(Catalogue.devices().get(0).withId("mine")));
        assertFalse(filled(own).proposed().contains("mine"));
        assertEquals(whole.outing().phases().get(0).hours().basis(), Figure.Basis.PROPOSED);
    }

    /** A demo rig without one of its parts is filled in around what is left: every other figure of it stays. */
    @Test
    public void fromHalf() {
        for (Rig demo : DemoRigs.all()) {
            for (Rig half : halves(demo).toList()) {
                Rig whole = filled(half);
                assertFalse(
                        verdicts(whole).contains(Verdict.UNSET), half.name() + ": " + REVIEWER.states(Line.of(whole)));
                half.harness()
                        .packs()
                        .forEach(pack -> assertTrue(whole.harness().packs().stream()
                                .anyMatch(each -> each.id().equals(pack.id()))));
            }
        }
    }

    private static Stream<Rig> halves(Rig rig) {
        Stream<Optional<Rig>> all = Stream.of(
                rig.harness().packs().stream().findFirst().map(p -> rig.without(PartKind.PACK, p.id())),
                rig.holders().stream().findFirst().map(h -> rig.without(PartKind.HOLDER, h.id())),
                rig.transducers().size() == 1
                        ? Optional.of(rig.without(
                                PartKind.TRANSDUCER, rig.transducers().get(0).id()))
                        : Optional.empty());
        return all.flatMap(Optional::stream);
    }

    /** Nothing is drilled where the person will not; where nothing can be filled in nothing is offered. */
    @Test
    public void itObeysAndKnowsItsEnd() {
        for (CraftKind kind : List.of(CraftKind.SIT_ON_TOP, CraftKind.CANOE, CraftKind.PEDAL_KAYAK)) {
            Rig start = blank(kind).withSchools(Schools.UNDECIDED.withDrilling(Schools.Drilling.NO_DRILL));
            Rig whole = filled(start);
            assertTrue(whole.holders().stream().noneMatch(holder -> holder.drills()), kind.words());
            assertTrue(verdicts(whole).stream().noneMatch(v -> v == Verdict.FAILS), kind.words());
        }
        Rig nowhere = blank(CraftKind.UNDECIDED);
        assertTrue(verdicts(filled(nowhere)).contains(Verdict.UNSET), "nobody said what carries it");
        assertEquals(filled(filled(nowhere)), filled(nowhere));
        Rig tiny = blank(CraftKind.CANOE);
        Rig one = tiny.withCraft(tiny.craft()
                .withLengthM(Figure.measured(1))
                .withStations(
                        List.of(Catalogue.crafts().get(0).craft().stations().get(0))));
        assertTrue(filled(one).craft().stations().size() == 1, "no other craft than the person's own");
    }

    /** One press: no demo rig fails any more, or what is left has no cure; and nothing that held is broken. */
    @Test
    public void mendedAtOnePress() {
        for (Rig demo : DemoRigs.all()) {
            Rig after = mended(demo);
            assertFalse(verdicts(after).contains(Verdict.FAILS), demo.name() + ": " + REVIEWER.states(Line.of(after)));
            assertEquals(mended(after), after);
        }
    }

    /** Rigs made at random, broken in any way: mended they never fail in more links, filled in they keep every display as it was. */
    @Test
    public void neverWorse() {
        WholeRigs.from(25).limit(60).forEach(rig -> {
            long before = failing(rig);
            assertTrue(failing(mended(rig)) <= before, rig.name());
            assertTrue(filled(rig).devices().containsAll(rig.devices()), rig.name());
        });
    }

    private static long failing(Rig rig) {
        return verdicts(rig).stream().filter(each -> each == Verdict.FAILS).count();
    }

    /** Two displays: the transducer goes into the one that takes its plug, and each display has a place and a holder. */
    @Test(dataProvider = "twoDisplays")
    public void twoDisplays(String craft) {
        Rig start = blank(CraftKind.CANOE)
                .withCraft(Catalogue.crafts().stream()
                        .filter(item -> item.id().equals(craft))
                        .findFirst()
                        .orElseThrow()
                        .craft())
                .withDevices(Stream.of("display-9-in", "display-5-in")
                        .map(id -> Catalogue.devices().stream()
                                .filter(device -> device.id().equals(id))
                                .findFirst()
                                .orElseThrow())
                        .toList());
        Rig whole = filled(start);
        assertFalse(verdicts(whole).contains(Verdict.UNSET));
        assertFalse(verdicts(whole).contains(Verdict.FAILS));
        assertTrue(whole.displayOf(whole.transducers().get(0)).isPresent());
        assertEquals(whole.holders().size(), 2);
        assertEquals(
                whole.devices().stream()
                        .map(device -> whole.stationOf(device.id()))
                        .distinct()
                        .count(),
                2);
    }

    @DataProvider
    public Object[][] twoDisplays() {
        return new Object[][] {{"sit-on-top-3-9"}, {"canoe-4-9"}, {"pedal-4-2"}, {"boat-4-0"}};
    }

    /** Hours are known as soon as a battery and a draw are, and the wire then takes its share of them. */
    @Test
    public void hoursBeforeWire() {
        Rig rig = DemoRigs.oystercatcher();
        Rig bare = rig.withHarness(rig.harness().withSegments(List.of()));
        double without = hours(bare);
        double with = hours(rig);
        assertTrue(without > with && without < with * 1.05, without + " and " + with);
        Rig open = rig.with(rig.harness()
                .segment("lead")
                .withWire(rig.harness().segment("lead").wire().withLengthM(Figure.UNSET)));
        assertTrue(hours(open) <= without && hours(open) > with, "its plug and fuse are counted");
        assertEquals(REVIEWER.state(Line.of(bare), Link.WIRE).verdict(), Verdict.UNSET);
        Station well = rig.craft().station("stern-well").orElseThrow();
        assertTrue(well.spot().takesPack());
        // twice the battery, nowhere joined yet, lasts twice as long and a little more
        Rig two = bare.withHarness(bare.harness()
                .withPacks(List.of(
                        bare.harness().packs().get(0),
                        bare.harness().packs().get(0).withId("second"))));
        assertTrue(hours(two) > 2 * without && hours(two) < 2.2 * without, hours(two) + " of " + without);
    }

    private static double hours(Rig rig) {
        return Line.of(rig)
                .get(app.brightkeel.core.battery.Runtime.STAGE)
                .value()
                .hours();
    }
}
