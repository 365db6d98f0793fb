package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.gear.CraftItem;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.mount.Score;
import app.brightkeel.core.review.Caution;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Angler;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.route.Rerouting;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Whatever is put together from the catalogue is judged in every link, and what is offered for it can be had. */
public class CatalogueRigsTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    @DataProvider
    public Object[][] crafts() {
        return Catalogue.crafts().stream()
                .map(item -> new Object[] {item.name(), item.craft()})
                .toArray(Object[][]::new);
    }

    /** A rig on a craft with a transducer held somewhere, display and battery in usual places, the lead laid. */
    private static Rig on(Craft craft, Transducer item, MountKind kind, Station place) {
        Rig base = craft.kind().onIce() ? DemoRigs.lanternCrate() : DemoRigs.oystercatcher();
        Pack pack = base.harness().packs().get(0);
        Device display = base.devices().get(0);
        Transducer held = item.withId("transducer")
                .withMount(
                        new Mount(kind, place.id(), Figure.UNSET, place.room().wideM()));
        Rig bare = base.withRuns(List.of()).withPlaces(List.of()).withTransducers(List.of());
        Rig placed = bare.withCraft(craft)
                .withAngler(new Angler(Figure.measured(80), Figure.chosen(5)))
                .withTransducers(List.of(held))
                .with(new Placement(pack.id(), first(craft, Spot::takesPack), true))
                .with(new Placement(display.id(), first(craft, Spot::takesDisplay), true));
        return Rerouting.of(placed, "transducer");
    }

    private static String first(Craft craft, java.util.function.Predicate<Spot> takes) {
        return craft.stations().stream()
                .filter(s -> takes.test(s.spot()))
                .findFirst()
                .orElseThrow()
                .id();
    }

    /** Every craft with every transducer in every mount it takes: a full verdict, and every lead finds its way. */
    @Test(dataProvider = "crafts")
    public void everyCombinationReachesAFullVerdict(String name, Craft craft) {
        int combinations = 0;
        for (Station station : craft.stations()) {
            for (MountKind kind :
                    MountKind.decided().filter(k -> k.sitsAt(station.spot())).toList()) {
                for (Transducer item : Catalogue.transducers()) {
                    Rig rig = on(craft, item, kind, station);
                    assertTrue(rig.runOf("transducer").isPresent(), name + ", " + station.name());
                    Review review = REVIEWER.review(Line.of(rig));
                    for (LinkState state : review.links()) {
                        assertNotEquals(state.verdict(), Verdict.UNSET, name + ", " + item.name() + ": " + state);
                    }
                    assertTrue(
                            review.findings().stream()
                                    .noneMatch(f -> f.rule().equals("mount.craft-cannot")
                                            || f.rule().equals("cable.way-broken")),
                            name + ", " + station.name());
                    combinations++;
                }
            }
        }
        assertTrue(combinations >= Catalogue.transducers().size(), name + " takes no transducer");
    }

    /** In each link what is planned stands among the alternatives, once or not at all; what can be had can be found. */
    @Test(dataProvider = "crafts")
    public void whatIsComparedCanBeHad(String name, Craft craft) {
        Station station = craft.stations().stream()
                .filter(s -> MountKind.decided().anyMatch(k -> k.sitsAt(s.spot())))
                .findFirst()
                .orElseThrow();
        MountKind kind = MountKind.decided()
                .filter(k -> k.sitsAt(station.spot()))
                .findFirst()
                .orElseThrow();
        Rig rig = on(craft, Catalogue.transducers().get(1), kind, station);
        Line line = Line.of(rig);
        for (Link link : List.of(Link.TRANSDUCER, Link.MOUNT, Link.CABLE, Link.CARRY)) {
            List<Comparison.Offer> offers = Comparison.of(line, link, REVIEWER);
            assertTrue(offers.size() > 1, name + ", " + link);
            assertTrue(offers.stream().anyMatch(Comparison.Offer::planned), name + ", " + link);
            for (Comparison.Offer offer : offers) {
                if (offer.planned()) {
                    assertEquals(offer.effects(), List.of(), offer.id());
                } else {
                    Change change = Comparison.find(line, offer.id()).orElseThrow();
                    LinkState after = REVIEWER.state(Line.of(change.after()), link);
                    assertEquals(offer.after(), after, offer.id());
                }
            }
        }
    }

    /** Weights shift which mount is offered first, and never which of them fails. */
    @Test
    public void weightsShiftTheRankingOnly() {
        Craft sitOnTop = craft("sit-on-top-3-9");
        Station scupper = sitOnTop.station("scupper-fore-left").orElseThrow();
        Rig rig = on(sitOnTop, Catalogue.transducers().get(0), MountKind.SCUPPER, scupper);
        Figure none = Figure.chosen(0);
        Rig beach = rig.withWeights(rig.weights()
                .withBeach(Figure.chosen(10))
                .withDrag(none)
                .withEase(none)
                .withView(none));
        Rig drag = rig.withWeights(
                rig.weights().withDrag(Figure.chosen(10)).withBeach(none).withRemoval(none));
        assertTrue(first(beach).startsWith("mount.take.transducer.clamp-bar"), first(beach));
        assertTrue(first(drag).startsWith("mount.take.transducer.in-hull"), first(drag));
        assertEquals(verdicts(beach), verdicts(drag));
        assertTrue(score(beach, MountKind.SWING_ARM) > score(beach, MountKind.SCUPPER));
    }

    private static double score(Rig rig, MountKind kind) {
        Transducer held = rig.transducers().get(0);
        return Score.of(rig, held.withMount(held.mount().withKind(kind))).weighted(rig.weights());
    }

    private static String first(Rig rig) {
        LinkReview mount = Links.of(Link.MOUNT);
        Line line = Line.of(rig);
        return mount.alternatives(line).stream()
                .max(Comparator.comparingDouble(
                        change -> mount.merit(line, line.with(change.after())).score()))
                .orElseThrow()
                .id();
    }

    private static List<Verdict> verdicts(Rig rig) {
        return REVIEWER.review(Line.of(rig)).links().stream()
                .map(LinkState::verdict)
                .toList();
    }

    private static Craft craft(String id) {
        return Catalogue.crafts().stream()
                .filter(item -> item.id().equals(id))
                .map(CraftItem::craft)
                .findFirst()
                .orElseThrow();
    }

    /** A no-drill person is not offered a drill hole as the cure of a short lead; one who drills is told the effort. */
    @Test
    public void schoolsShiftWhatIsOffered() {
        Rig rig = DemoRigs.oystercatcher();
        assertTrue(curesOfTheShortLead(rig).stream().noneMatch(c -> c.effort() == Effort.DRILL));
        Rig drills =
                rig.withSchools(rig.schools().withDrilling(app.brightkeel.core.rig.Schools.Drilling.ABOVE_WATERLINE));
        assertTrue(curesOfTheShortLead(drills).stream().anyMatch(c -> c.effort() == Effort.DRILL));
    }

    private static List<Remedy.Cure> curesOfTheShortLead(Rig rig) {
        return Mended.of(rig, "cable.too-short");
    }

    /** Cautions stand where the work is: drilling, the ice, the water; and only where they apply. */
    @Test
    public void cautionsWhereTheyApply() {
        Set<String> ice = cautions(DemoRigs.lanternCrate());
        Set<String> afloat = cautions(DemoRigs.oystercatcher());
        assertTrue(ice.containsAll(Set.of("ice", "ice-hole", "fishing-rules")), ice.toString());
        assertTrue(afloat.containsAll(Set.of("cold-shock", "cold-water", "entangled")), afloat.toString());
        assertTrue(!afloat.contains("ice") && !ice.contains("cold-water") && !afloat.contains("drilling"));
        Rig drilled = DemoRigs.oystercatcher();
        Rig tube = drilled.with(drilled.runOf("transducer")
                .orElseThrow()
                .withLegs(List.of("up-aft-left", "deck-to-stern-hatch", "stern-lip", "hull-to-tube", "tube-wall")));
        assertTrue(cautions(tube).contains("drilling"));
        assertTrue(cautions(DemoRigs.reedling()).containsAll(Set.of("glue", "saw")));
        assertTrue(cautions(DemoRigs.gannet()).contains("metal-pole"));
        assertTrue(!cautions(DemoRigs.gannet()).contains("saw") && !afloat.contains("metal-pole"));
        assertTrue(cautions(TestRigs.named("two screens")).contains("cold-water"));
    }

    private static Set<String> cautions(Rig rig) {
        return new java.util.HashSet<>(REVIEWER.review(Line.of(rig)).cautions().stream()
                .map(Caution::id)
                .toList());
    }
}
