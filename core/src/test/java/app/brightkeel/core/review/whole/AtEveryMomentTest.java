package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import app.brightkeel.core.TestRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.picture.Pictures;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Angler;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Figures;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.TransducerType;
import app.brightkeel.core.rig.Water;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The review is true for what is known so far, whichever figure or part is not known yet. */
public class AtEveryMomentTest {

    private static final RigReviewer REVIEWER = new RigReviewer();
    private static final Pattern POINTER = Pattern.compile("/[a-z]+/");

    @DataProvider
    public Object[][] rigs() {
        return TestRigs.all().stream().map(rig -> new Object[] {rig.name()}).toArray(Object[][]::new);
    }

    /** Of the same figure of many places, passages or wires so many will do. */
    private static final int OF_EACH = Share.LONG ? 3 : 1;

    /** Of one moment these links are compared, of the next one others: it is dear. */
    private static final int COMPARED_ONE_IN = Share.LONG ? 3 : 15;

    private static List<String> someOfEachKind(Set<String> pointers) {
        Map<String, Integer> seen = new HashMap<>();
        return pointers.stream()
                .filter(pointer -> seen.merge(pointer.replaceAll("/[0-9]+/", "/n/"), 1, Integer::sum) <= OF_EACH)
                .toList();
    }

    /** Each figure taken away by itself: no fault; a link is judged, or asks for things that are really open. */
    @Test(dataProvider = "rigs")
    public void withoutAnyOneFigure(String name) {
        Rig rig = TestRigs.named(name);
        Map<String, Figure> figures = new LinkedHashMap<>();
        Figures.visit(rig, figures::put);
        figures.values().removeIf(figure -> !figure.isSet());
        figures.keySet().retainAll(someOfEachKind(figures.keySet()));
        int asked = figures.keySet().parallelStream()
                .mapToInt(pointer -> checked(Nudge.unset(rig, pointer), pointer))
                .sum();
        assertTrue(asked > 5 * OF_EACH, "only " + asked + " figures are asked for");
    }

    /** Whole parts taken away, one after the other. */
    @DataProvider
    public Object[][] gaps() {
        return new Object[][] {
            gap("no transducer", r -> r.withTransducers(List.of())),
            gap(
                    "no beams",
                    r -> r.withTransducers(r.transducers().stream()
                            .map(t -> t.withInUse("").withBeams(List.of()))
                            .toList())),
            gap(
                    "no mount",
                    r -> r.withTransducers(r.transducers().stream()
                            .map(t -> t.withMount(Mount.UNDECIDED))
                            .toList())),
            gap(
                    "no type",
                    r -> r.withTransducers(r.transducers().stream()
                            .map(t -> t.withType(TransducerType.UNDECIDED))
                            .toList())),
            gap("no runs", r -> r.withRuns(List.of())),
            gap(
                    "no legs",
                    r -> r.withRuns(r.runs().stream()
                            .map(run -> run.withLegs(List.of()))
                            .toList())),
            gap("no places", r -> r.withPlaces(List.of())),
            gap("no craft", r -> r.withCraft(Craft.of(CraftKind.UNDECIDED))),
            gap("bare canoe", r -> r.withCraft(Craft.of(CraftKind.CANOE))),
            gap("bare sled", r -> r.withCraft(Craft.of(CraftKind.ICE_WALK_OUT))),
            gap("no angler", r -> r.withAngler(Angler.UNKNOWN)),
            gap("no water", r -> r.withOuting(r.outing().withWater(Water.UNKNOWN))),
            gap("no day", r -> r.withOuting(r.outing().withPhases(List.of()))),
            gap(
                    "no sizes",
                    r -> r.withHarness(r.harness()
                            .withPacks(r.harness().packs().stream()
                                    .map(p -> p.withSize(Size.UNKNOWN))
                                    .toList()))),
            gap("no wires", r -> r.withHarness(r.harness().withSegments(List.of()))),
            gap(
                    "no packs",
                    r -> r.withHarness(r.harness().withSegments(List.of()).withPacks(List.of()))),
            gap("nothing draws", r -> Rig.blank("bare", r.craft().kind()).withCraft(r.craft()))
        };
    }

    private static Object[] gap(String name, UnaryOperator<Rig> change) {
        return new Object[] {name, change};
    }

    @Test(dataProvider = "gaps")
    public void withoutAnyOnePart(String name, UnaryOperator<Rig> change) {
        for (Rig rig : TestRigs.all()) {
            checked(change.apply(rig), name + " in " + rig.name());
        }
    }

    /** @return 1 where something is asked for that was not before */
    private static int checked(Rig rig, String what) {
        Line line = Line.of(rig);
        Review review = REVIEWER.review(line);
        int asked = 0;
        for (LinkState state : review.links()) {
            if (state instanceof LinkState.Open open) {
                assertFalse(open.pointers().isEmpty(), what);
                for (String pointer : open.pointers()) {
                    assertOpen(line.rig(), pointer, what);
                }
                assertFalse(
                        POINTER.matcher(open.why().plain()).find(),
                        what + ": " + open.why().plain());
                asked = 1;
            }
            List<Working> workings = Links.of(state.link()).workings(line);
            assertFalse(workings.isEmpty(), what);
            // a judged link rests on nothing that is wanted
            if (state instanceof LinkState.Judged judged && judged.verdict() != Verdict.FAILS) {
                assertTrue(
                        workings.get(0).rows().stream().noneMatch(Working.Row.Wanted.class::isInstance),
                        what + ": " + state.link());
            }
            Pictures.all(line, state.link());
            if (Math.floorMod(what.hashCode() + state.link().ordinal(), COMPARED_ONE_IN) == 0) {
                Comparison.of(line, state.link(), REVIEWER);
            }
        }
        for (Finding finding : review.findings()) {
            assertFalse(finding.text().plain().isBlank(), what);
        }
        boolean mended = Share.LONG || Math.floorMod(what.hashCode(), COMPARED_ONE_IN) == 0;
        for (Remedy remedy : mended ? REVIEWER.remedies(line) : List.<Remedy>of()) {
            remedy.offers()
                    .forEach(offer -> assertTrue(
                            Comparison.find(line, offer.id()).isPresent(),
                            what + ": " + offer.id() + " is not found again"));
        }
        return asked;
    }

    /** What is asked for is an unset figure, an undecided choice or a list that lacks something. */
    private static void assertOpen(Rig rig, String pointer, String what) {
        Object at = Nudge.read(rig, pointer);
        boolean list = at instanceof List<?>;
        boolean open = at instanceof Figure figure
                ? !figure.isSet()
                : list
                        || at.equals("")
                        || at.toString().toUpperCase(java.util.Locale.ROOT).contains("UNDECIDED")
                        || pointer.equals("/craft/kind");
        assertTrue(open, what + " asks for " + pointer + ", which is " + at);
    }

    /** From nothing to whole in the order of the work: links come to be judged one by one and none is judged early. */
    @Test
    public void linksAreJudgedInTheOrderTheyAreEntered() {
        Rig whole = TestRigs.all().get(0);
        Transducer chirp = whole.transducers().get(0);
        List<Rig> steps = new ArrayList<>();
        Rig rig = Rig.blank("new", whole.craft().kind());
        steps.add(rig = rig.withOuting(rig.outing().withWater(whole.outing().water())));
        steps.add(rig = rig.withTransducers(List.of(chirp.withMount(Mount.UNDECIDED))));
        steps.add(rig = rig.withCraft(whole.craft()).withAngler(whole.angler()).with(chirp));
        steps.add(rig = rig.withDevices(whole.devices()).withOuting(whole.outing()));
        steps.add(rig = rig.withHarness(whole.harness()));
        steps.add(rig = rig.withPlaces(whole.places().subList(0, 1)).withRuns(whole.runs()));
        steps.add(rig.withPlaces(whole.places()));
        List<Set<Link>> judged = List.of(
                Set.of(Link.WATER),
                Set.of(Link.WATER, Link.TRANSDUCER),
                Set.of(Link.WATER, Link.TRANSDUCER, Link.MOUNT),
                Set.of(Link.WATER, Link.TRANSDUCER, Link.MOUNT, Link.SCREEN),
                Set.of(Link.WATER, Link.TRANSDUCER, Link.MOUNT, Link.SCREEN, Link.WIRE, Link.FUSE, Link.BATTERY),
                Set.of(
                        Link.WATER,
                        Link.TRANSDUCER,
                        Link.MOUNT,
                        Link.SCREEN,
                        Link.WIRE,
                        Link.FUSE,
                        Link.BATTERY,
                        Link.CABLE),
                Set.of(Link.values()));
        for (int step = 0; step < steps.size(); step++) {
            Set<Link> now = new java.util.HashSet<>();
            for (LinkState state : REVIEWER.review(Line.of(steps.get(step))).links()) {
                if (state instanceof LinkState.Judged) {
                    now.add(state.link());
                }
            }
            assertEquals(now, judged.get(step), "after step " + step);
        }
    }
}
