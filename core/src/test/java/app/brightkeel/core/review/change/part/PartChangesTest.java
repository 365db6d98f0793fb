package app.brightkeel.core.review.change.part;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.EveryList;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PartKind;
import app.brightkeel.core.rig.PartsOf;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.RigDifferences;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.TransducerType;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Parts that are added and taken out by hand. */
public class PartChangesTest {

    private static final Map<String, PartKind> OWNERS = Map.of(
            "box", PartKind.BOX, "wire", PartKind.SEGMENT, "transducer", PartKind.TRANSDUCER, "run", PartKind.RUN);

    /** What is not met by an id of its own. */
    private static final Set<String> WITHOUT_ID = Set.of("cable.travel");

    @DataProvider
    public Object[][] kinds() {
        return NewParts.ALL.keySet().stream()
                .sorted()
                .map(kind -> new Object[] {kind})
                .toArray(Object[][]::new);
    }

    private static List<Rig> rigs() {
        Rig unwired = DemoRigs.gannet();
        return Stream.of(
                        DemoRigs.all(),
                        DemoRigs.all().stream().map(EveryList::in).toList(),
                        List.of(unwired.withHarness(unwired.harness().withSegments(List.of()))))
                .flatMap(List::stream)
                .toList();
    }

    /** Added to every demo rig, also with something in every list, and to one without wires: one part more, told, and gone again without a trace. */
    @Test(dataProvider = "kinds")
    public void aBlankPartIsAddedAndTakenOutAgain(String kind) {
        int added = 0;
        for (Rig rig : rigs()) {
            for (String id : ids(kind, rig)) {
                Optional<Change> change = offered(rig, id);
                if (change.isEmpty()) {
                    continue;
                }
                added++;
                Rig more = change.get().after();
                assertNotEquals(more, rig, id);
                assertFalse(RigDifferences.between(rig, more).isEmpty(), id);
                Map<PartKind, Set<String>> news = news(rig, more);
                assertEquals(news.isEmpty(), WITHOUT_ID.contains(kind), id + " " + news);
                news.entrySet().stream()
                        // beams of several transducers have the same ids: the screen takes them out itself
                        .filter(each -> each.getKey() != PartKind.BEAM)
                        .forEach(each -> assertEquals(
                                without(
                                        more,
                                        kind,
                                        each.getKey(),
                                        each.getValue().iterator().next()),
                                rig,
                                id));
            }
        }
        assertTrue(added > 0, kind + " was never added");
    }

    private static Rig without(Rig more, String kind, PartKind part, String id) {
        String link = kind.substring(0, kind.indexOf('.'));
        return Comparison.find(Line.of(more), link + ".without." + Table.written(part) + "." + id)
                .orElseThrow()
                .after();
    }

    private static String owner(String kind) {
        return Objects.requireNonNull(NewParts.ALL.get(kind)).owner();
    }

    private static List<String> ids(String kind, Rig rig) {
        int dot = kind.indexOf('.');
        String id = kind.substring(0, dot) + ".new" + kind.substring(dot);
        String owner = owner(kind);
        return owner.isEmpty()
                ? List.of(id)
                : PartsOf.of(rig).getOrDefault(OWNERS.get(owner), Set.of()).stream()
                        .map(each -> id + "." + each)
                        .toList();
    }

    /** The change, where its list has room and it can be one. */
    private static Optional<Change> offered(Rig rig, String id) {
        try {
            return Comparison.find(Line.of(rig), id);
        } catch (Refusal full) {
            // where everything is fed one more wire closes a circle, which is told
            assertTrue(Set.of(RefusalCode.TOO_MANY, RefusalCode.LOOP).contains(full.code()), id + full.code());
            return Optional.empty();
        }
    }

    private static Map<PartKind, Set<String>> news(Rig before, Rig after) {
        Map<PartKind, Set<String>> old = PartsOf.of(before);
        Map<PartKind, Set<String>> news = new TreeMap<>();
        PartsOf.of(after).forEach((kind, ids) -> {
            Set<String> more = new TreeSet<>(ids);
            more.removeAll(old.getOrDefault(kind, Set.of()));
            if (!more.isEmpty()) {
                news.put(kind, more);
            }
        });
        return news;
    }

    /** What a blank rig has nothing for is not there; what needs nothing is. */
    @Test
    public void aBlankRigTakesWhatNeedsNothingElse() {
        Rig blank = Rig.blank("blank", CraftKind.SIT_ON_TOP);
        List<String> taken = new ArrayList<>();
        NewParts.ALL.keySet().stream().sorted().forEach(kind -> {
            int dot = kind.indexOf('.');
            String id = kind.substring(0, dot) + ".new" + kind.substring(dot)
                    + (owner(kind).isEmpty() ? "" : ".none");
            Comparison.find(Line.of(blank), id).ifPresent(each -> taken.add(kind));
        });
        assertEquals(
                taken,
                List.of(
                        "battery.pack",
                        "carry.board-part",
                        "carry.closure",
                        "carry.extra",
                        "carry.fastener",
                        "mount.kept-room",
                        "mount.obstruction",
                        "mount.station",
                        "screen.phase",
                        "transducer.transducer",
                        "wire.junction"));
    }

    /** Of everything in the catalogues one more, twice: each with an id of its own. */
    @Test
    public void theCataloguesAreCopied() {
        List<String> ids = new ArrayList<>();
        Catalogue.devices().forEach(item -> ids.add("screen.one-more." + item.id()));
        Catalogue.transducers().forEach(item -> ids.add("transducer.one-more." + item.id()));
        Catalogue.packs().forEach(item -> ids.add("battery.own." + item.id()));
        Catalogue.crafts().forEach(item -> ids.add("mount.craft." + item.id()));
        for (Rig rig : DemoRigs.all()) {
            for (String id : ids) {
                Rig once = offered(rig, id).orElseThrow().after();
                Rig twice = offered(once, id).orElseThrow().after();
                boolean craft = id.startsWith("mount");
                assertEquals(news(once, twice).isEmpty(), craft, id);
                assertEquals(craft, twice.equals(once), id);
            }
        }
    }

    /** A battery one has is the battery of a rig that has none, and counts as on hand; of another rig it is one to try. */
    @Test
    public void whatOneHasGoesIntoTheRigThatWaitsForIt() {
        Rig begun = taken(BlankRig.of("begun", CraftKind.CANOE), "battery.own.agm-12");
        assertEquals(begun.harness().packs().get(0).origin(), "agm-12");
        assertEquals(begun.onHand(), List.of());
        assertEquals(begun.purse().of("pack", "", "agm-12").orElseThrow().having(), Having.OWNED);
        Rig more = taken(begun, "battery.own.agm-12");
        assertEquals(more.harness(), begun.harness());
        assertEquals(more.onHand().size(), 1);
    }

    /** What nobody reads off a transducer is proposed by its sort; what is known of it stays. */
    @Test
    public void aSortBringsWhatIsUsualForIt() {
        Rig blank = taken(BlankRig.of("begun", CraftKind.CANOE), "transducer.new.transducer");
        Transducer sorted = taken(blank, "transducer.sort.transducer.chirp-cone")
                .transducers()
                .get(0);
        assertEquals(sorted.type(), TransducerType.CHIRP_CONE);
        assertEquals(sorted.lead().plugM(), Figure.proposed(0.028));
        assertEquals(sorted.massKg(), Figure.proposed(0.70));
        assertTrue(sorted.beams().get(0).kiloHertz().isSet()
                && sorted.beams().get(0).fullDeg().isSet());
        Rig known = DemoRigs.oystercatcher();
        Transducer again = taken(known, "transducer.sort.transducer.single-cone")
                .transducers()
                .get(0);
        assertEquals(
                again.withType(known.transducers().get(0).type()),
                known.transducers().get(0));
        assertEquals(Comparison.find(Line.of(known), "transducer.sort.transducer.nothing"), Optional.empty());
    }

    /** Where a blank part lands: at what waits for it. */
    @Test
    public void aBlankPartLandsWhereItIsWanted() {
        Rig rig = DemoRigs.gannet();
        Rig begun = BlankRig.of("begun", CraftKind.CANOE).withCraft(rig.craft());
        Rig paired = taken(taken(taken(begun, "battery.new.pack"), "screen.one-more.display-5-in"), "wire.new.wire");
        Segment first = paired.harness().segments().get(0);
        assertEquals(first.from() + " " + first.to(), "pack display-5-in");
        assertTrue(first.wire().tinned(), "afloat wire gets wet");
        Rig two = taken(taken(paired, "screen.one-more.display-5-in"), "wire.new.wire");
        assertEquals(two.harness().segments().get(1).to(), "display-5-in-2");
        Rig on = two.with(new Placement("pack", rig.craft().stations().get(1).id(), true));
        assertEquals(
                taken(on, "carry.new.box").fitOut().boxes().get(0).station(),
                rig.craft().stations().get(1).id());
        double middle = rig.craft().lengthM().value() / 2;
        Station place = taken(rig, "mount.new.station").craft().stations().stream()
                .filter(each -> each.id().equals("place"))
                .findFirst()
                .orElseThrow();
        assertEquals(place.fromBowM().value(), middle, 0.005);
        Rig ice = BlankRig.of("on the ice", CraftKind.ICE_WALK_OUT);
        Rig dry = taken(taken(taken(ice, "battery.new.pack"), "screen.one-more.display-5-in"), "wire.new.wire");
        assertFalse(dry.harness().segments().get(0).wire().tinned(), "on fresh ice it stays dry");
        assertEquals(
                taken(paired, "battery.new.pack").harness().packs().stream()
                        .map(Pack::name)
                        .toList(),
                List.of("battery", "battery 2"));
    }

    /** The first leg begins a cable's way, the next goes on; what is no cable or no passage has none. */
    @Test
    public void aWayIsSaidLegByLeg() {
        Rig rig = DemoRigs.gannet().withRuns(List.of());
        List<Passage> passages = rig.craft().passages();
        String cable = rig.transducers().get(0).id();
        Rig one = taken(rig, "cable.leg." + cable + "." + passages.get(0).id());
        assertEquals(
                one.runs(),
                List.of(Run.along(cable + "-run", cable, List.of(passages.get(0).id()))));
        Rig two = taken(one, "cable.leg." + cable + "." + passages.get(1).id());
        assertEquals(two.runs().get(0).legs().size(), 2);
        for (String none : List.of(
                "cable.leg." + cable + ".nowhere",
                "cable.leg.nothing." + passages.get(0).id(),
                "cable.leg." + rig.harness().packs().get(0).id() + "."
                        + passages.get(0).id(),
                "wire.leg." + cable + "." + passages.get(0).id())) {
            assertEquals(Comparison.find(Line.of(rig), none), Optional.empty(), none);
        }
    }

    private static Rig taken(Rig rig, String id) {
        return Comparison.find(Line.of(rig), id).orElseThrow().after();
    }

    @DataProvider
    public Object[][] unknown() {
        return new Object[][] {
            {"carry.new"},
            {"carry.new."},
            {"carry.new.rope"},
            {"battery.new.box"},
            {"carry.new.box.more"},
            {"carry.new.rib"},
            {"carry.new.rib.no-box"},
            {"carry.without.box"},
            {"carry.without.box.no-box"},
            {"carry.without.rope.a"},
            {"transducer.without.beam.beam"},
            {"screen.one-more.none"},
            {"wire.one-more.display-5-in"},
            {"mount.craft."},
        };
    }

    @Test(dataProvider = "unknown")
    public void whatIsNotThereIsNoChange(String id) {
        assertEquals(Comparison.find(Line.of(DemoRigs.gannet()), id), Optional.empty());
    }
}
