package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.harness.Banks;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.picture.Pictures;
import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackLabel;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Batteries that could be had: what is offered, in which order, and why the others lose. */
public class CandidatesTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    private static List<Comparison.Offer> offers(Rig rig) {
        return Comparison.of(Line.of(rig), Link.BATTERY, REVIEWER);
    }

    private static Comparison.Offer offer(Rig rig, String end) {
        return offers(rig).stream()
                .filter(each -> each.id().endsWith(end))
                .findFirst()
                .orElseThrow();
    }

    private static String reasons(Comparison.Offer offer) {
        return String.join(
                " | ",
                Stream.of(offer.fails(), offer.wins(), offer.loses(), offer.reasons())
                        .flatMap(List::stream)
                        .map(Text::plain)
                        .toList());
    }

    /** At least two dozen sizes over the chemistries, each with its mass, its size and a price. */
    @Test
    public void theCatalogueIsBroad() {
        List<Pack> packs = Catalogue.packs();
        assertTrue(packs.size() >= 24, "sizes: " + packs.size());
        for (Chemistry chemistry : Chemistry.decided()) {
            assertTrue(packs.stream().anyMatch(pack -> pack.chemistry() == chemistry), chemistry.words());
        }
        for (Pack pack : packs) {
            assertTrue(pack.size().known() && pack.label().price().isSet(), pack.name());
            double wh = pack.capacityAh().value() * pack.chemistry().data().nominalV();
            double density = wh / pack.massKg().value();
            Chemistry.Range usual = pack.chemistry().data().whPerKg();
            assertTrue(density > usual.low() / 1.1 && density < usual.high() * 1.1, pack.name() + " " + density);
        }
    }

    /** A battery typed by hand is not offered again by the catalogue's name; one that differs in what is known is. */
    @Test
    public void whatIsPlannedIsNotOfferedByAnotherName() {
        Rig rig = DemoRigs.oystercatcher();
        Pack item = Catalogue.packs().stream()
                .filter(pack -> pack.id().equals("lifepo4-12"))
                .findFirst()
                .orElseThrow();
        String id = rig.harness().packs().get(0).id();
        String again = "battery.take." + id + ".lifepo4-12";
        Pack byHand =
                item.with(pack -> pack.id(id).name("stern battery").origin("").maxDischargeA(Figure.UNSET));
        assertFalse(offers(rig.with(byHand)).stream().anyMatch(each -> each.id().equals(again)));
        for (Pack other : List.of(
                byHand.withMassKg(Figure.measured(2)),
                byHand.withAge(Figure.measured(0.8)),
                byHand.withCapacityAh(Figure.rated(10)))) {
            assertTrue(
                    offers(rig.with(other)).stream().anyMatch(each -> each.id().equals(again)), other.toString());
        }
    }

    /** Those that lose say by what: too large for its place, too short in the cold, volts the screen does not stand. */
    @Test
    public void theLosingOnesSayWhy() {
        Rig crate = DemoRigs.lanternCrate();
        String large = reasons(offer(DemoRigs.sandpiper(), "lifepo4-100"));
        assertTrue(large.contains("too large for the"), large);
        assertTrue(reasons(offer(crate, "nmc-5")).contains("short, because"), "hours");
        Rig strict = crate.with(crate.device("display")
                .withLimits(crate.device("display").limits().withMaxV(Figure.rated(15))));
        assertTrue(reasons(offer(strict, "nmc-4s-7")).contains("it stands 15.00 V"), "volts");
        assertTrue(reasons(offer(crate, "lifepo4-24")).contains("a smaller one is enough"), "enough is enough");
    }

    /** Money over the life of a pack, by hand: 65 for ten years of twenty days are 6.5 a season; 28 of lead 28/4.5. */
    @Test
    public void whatASeasonCosts() {
        Rig crate = DemoRigs.lanternCrate();
        assertEquals(measure(offer(crate, "lifepo4-10"), "cost a season"), 6.5, 1e-9);
        assertEquals(measure(offer(crate, "agm-9"), "cost a season"), 28 / 4.5, 1e-9);
        Rig often = crate.withOuting(crate.outing().withDaysOut(Figure.chosen(250)));
        assertEquals(measure(offer(often, "lifepo4-10"), "cost a season"), 65.0 / 8, 1e-9, "2000 uses are eight years");
        assertEquals(measure(offer(crate, "alkaline-8"), "cost a season"), 8.0 * 20, 1e-9, "new cells every day");
    }

    private static double measure(Comparison.Offer offer, String name) {
        return offer.measures().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow()
                .amount()
                .si();
    }

    /** A second one like it doubles the hours and the mass; taken, it is carried where the first is. */
    @Test
    public void aSecondOneIsOffered() {
        Rig crate = DemoRigs.lanternCrate();
        Comparison.Offer second = offer(crate, "battery.second.pack");
        assertEquals(measure(second, "mass"), 5.4, 1e-9);
        assertEquals(measure(second, "hours"), 2 * hours(crate), 1e-4);
        Rig after = Comparison.find(Line.of(crate), second.id()).orElseThrow().after();
        assertEquals(after.stationOf("pack-spare"), crate.stationOf("pack"));
        // three to change between, no more
        Rig three = Comparison.find(Line.of(after), second.id()).orElseThrow().after();
        assertEquals(hours(three), 3 * hours(crate), 1e-4);
        assertTrue(offers(three).stream().noneMatch(each -> each.id().contains(".second.")), "not a fourth");
    }

    /** Two in parallel of 20 Ah each: a third one like them, on a fused lead of its own, makes half as much again and a little more. */
    @Test
    public void aThirdOneIsJoined() {
        Rig two = TestRigs.twoScreens();
        Rig three = Comparison.find(Line.of(two), "battery.third.left")
                .orElseThrow()
                .after();
        assertEquals(Banks.inUse(three).get(0).size(), 3);
        Segment own = three.harness().from("left-more").get(0);
        assertTrue(own.fused() && own.to().equals("bus"), own.toString());
        double more = hours(three) / hours(two);
        assertTrue(more > 1.49 && more < 1.6, "times " + more);
    }

    private static double hours(Rig rig) {
        return Line.of(rig).get(Runtime.STAGE).value().hours();
    }

    /** Solid points of the picture are those that last and hold; what is planned is ringed; each other can be taken. */
    @Test
    public void thePictureShowsWhatWorks() {
        Rig crate = DemoRigs.lanternCrate();
        Scene scene = Pictures.all(Line.of(crate), Link.BATTERY).get(1).value();
        double wanted = 5;
        List<Mark.Spot> spots = marks(scene, Mark.Spot.class).toList();
        List<Mark.Spot> solid =
                spots.stream().filter(spot -> spot.role() == Role.JUNCTION).toList();
        assertTrue(solid.size() > 5 && solid.stream().allMatch(spot -> spot.at().y() >= wanted));
        List<Mark.Spot> ringed =
                spots.stream().filter(spot -> spot.role() == Role.MASS).toList();
        assertEquals(ringed.size(), 1);
        assertEquals(ringed.get(0).at().x(), 2.7, 1e-9);
        assertEquals(
                marks(scene, Mark.Pick.class)
                        .filter(pick ->
                                Comparison.find(Line.of(crate), pick.change()).isPresent())
                        .count(),
                offers(crate).size() - 1);
    }

    private static <M extends Mark> Stream<M> marks(Scene scene, Class<M> kind) {
        return scene.marks().stream().filter(kind::isInstance).map(kind::cast);
    }

    /** Packs that share have a picture of it: together they give what the devices draw, at every moment. */
    @Test
    public void sharingIsDrawnWherePacksShare() {
        assertEquals(
                Pictures.all(Line.of(DemoRigs.lanternCrate()), Link.BATTERY).size(), 2);
        Scene scene = Pictures.all(Line.of(TestRigs.twoScreens()), Link.BATTERY)
                .get(2)
                .value();
        List<Mark.Path> curves = marks(scene, Mark.Path.class)
                .filter(path -> path.role() == Role.CURVE || path.role() == Role.SURFACE)
                .toList();
        assertEquals(curves.size(), 2);
        assertEquals(curves.get(0).points().size(), curves.get(1).points().size());
        assertTrue(scene.twin().rows().size() >= 5);
    }

    /** Ends of parts of the day are handles on their hours, and pauses have none. */
    @Test
    public void partsOfTheDayCanBeMoved() {
        Scene scene =
                Pictures.all(Line.of(DemoRigs.gannet()), Link.SCREEN).get(0).value();
        List<Mark.Drag> ends = marks(scene, Mark.Drag.class).toList();
        assertEquals(
                ends.stream().map(Mark.Drag::xPointer).toList(),
                List.of("/outing/phases/0/hours", "/outing/phases/1/hours", "/outing/phases/2/hours"));
        assertEquals(ends.get(1).at().x() - ends.get(1).origin().x(), 6, 1e-9);
        assertEquals(ends.get(1).basis(), Figure.Basis.CHOSEN);
        // 9.0 mm would be read from 1.55 m; the 9-in display's 7.5 mm from 1.29 m (ISO 9241-303, 20 minutes of arc)
        assertTrue(
                scene.subtitle().plain().contains("is read from 1.29 m"),
                scene.subtitle().plain());
    }

    /** The kayak's battery on the crate: it lasts the cold day there; a rig without one has nothing to lend. */
    @Test
    public void aBatteryTravels() {
        Pack travelling = Shuttle.inUse(DemoRigs.oystercatcher()).orElseThrow();
        Optional<Shuttle.TriedOn> trip = Shuttle.of(travelling, Line.of(DemoRigs.lanternCrate()), REVIEWER);
        assertEquals(trip.orElseThrow().battery().verdict(), Verdict.HOLDS);
        Rig bare = Rig.blank("bare", DemoRigs.gannet().craft().kind());
        assertTrue(Shuttle.inUse(bare).isEmpty());
        assertTrue(Shuttle.of(travelling, Line.of(bare), REVIEWER).isEmpty());
    }

    /** Unknown chemistry: hours side by side for those that mass and label leave open. */
    @Test
    public void unknownChemistryIsShownSideBySide() {
        Rig rig = TestRigs.simple(TestRigs.pack(Chemistry.LIFEPO4, 9), 8, 5, 20);
        Pack unknown = rig.harness().packs().get(0).withChemistry(Chemistry.UNDECIDED);
        String all = asked(rig.with(unknown));
        assertTrue(all.contains("as LiFePO4") && all.contains("as AGM lead") && !all.contains("alkaline"), all);
        String heavy = asked(rig.with(unknown.withMassKg(Figure.measured(2.7))));
        assertTrue(heavy.contains("as AGM lead") && !heavy.contains("as LiFePO4"), heavy);
        String labelled = asked(rig.with(unknown.withLabel(PackLabel.UNKNOWN.withNominalV(Figure.rated(12.8)))));
        assertTrue(labelled.contains("as LiFePO4") && !labelled.contains("four cells"), labelled);
        assertFalse(asked(rig.with(unknown.withCapacityAh(Figure.UNSET))).contains("as LiFePO4"));
    }

    private static String asked(Rig rig) {
        return REVIEWER.review(Line.of(rig)).findings().stream()
                .filter(finding -> finding.rule().equals("battery.incomplete"))
                .findFirst()
                .orElseThrow()
                .text()
                .plain();
    }
}
