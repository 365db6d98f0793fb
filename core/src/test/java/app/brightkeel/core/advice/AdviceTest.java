package app.brightkeel.core.advice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.Breaches;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is made of a search: rigs by name, wishes that are in the way, and why something is not there. */
public class AdviceTest {

    private static final RigReviewer REVIEWER = new RigReviewer();
    private static final int SOME = 3000;

    private static Space some(Rig rig) {
        return SearchTest.few(SearchTest.space(rig), new Random(5), SOME, 4);
    }

    private static List<Finding> failing(Space space, String id) {
        Rig rig = space.choice(id).flatMap(space::rig).orElseThrow();
        return REVIEWER.review(Line.of(rig)).findings().stream()
                .filter(finding -> finding.verdict() == Verdict.FAILS)
                .toList();
    }

    @DataProvider
    public Object[][] rigs() {
        return DemoRigs.all().stream().map(rig -> new Object[] {rig}).toArray(Object[][]::new);
    }

    /** Each holds by the whole review, none of the front is better at what it is named for, and each says what it gives up. */
    @Test(dataProvider = "rigs")
    public void namedRigsAreWhatTheyAreNamedFor(Rig rig) {
        Space space = some(rig);
        Search.Found found = Search.of(space);
        Advice advice = Advice.of(space, found, Map.of());
        assertEquals(advice.front().size(), found.points().size());
        assertEquals(advice.named().isEmpty(), found.points().isEmpty(), rig.name());
        for (Advice.Advised each : advice.named()) {
            assertEquals(failing(space, each.id()), List.of());
            assertFalse(each.titles().isEmpty());
            assertEquals(each.answers().size(), RigAxis.values().length);
            for (Title title : each.titles()) {
                if (title != Title.ENOUGH) {
                    assertTrue(
                            advice.front().stream()
                                    .allMatch(other -> title.by().steps(other.worth(), each.worth()) <= 0),
                            rig.name() + " " + title);
                }
            }
            boolean alone = advice.front().size() == 1;
            assertEquals(each.gives().plain().isEmpty(), alone, rig.name() + ": " + each);
        }
    }

    /** A wish that nothing keeps says by how much it has to give, and with that something is there. */
    @Test(dataProvider = "rigs")
    public void aWishInTheWaySaysTheLeastItHasToGive(Rig rig) {
        Space space = some(rig);
        Search.Found found = Search.of(space);
        for (Good good : Good.values()) {
            double best = found.points().stream()
                    .mapToDouble(point -> good.of(point.worth()))
                    .reduce(good.more() ? Math::max : Math::min)
                    .orElse(0);
            Map<Good, Double> wish = new EnumMap<>(Map.of(good, good.more() ? best + 1 : best - 1));
            Advice none = Advice.of(space, found, wish);
            assertEquals(none.named(), List.of());
            if (!found.points().isEmpty()) {
                assertEquals(none.relax(), List.of(new Advice.Relaxed(good, wish.getOrDefault(good, 0.0), best)));
                assertFalse(Advice.of(space, found, Map.of(good, best)).front().isEmpty());
                Map<Good, Double> many = new EnumMap<>(Map.of(good, best));
                many.putAll(Map.of(Good.PRICE, -1.0, Good.MASS, -1.0));
                Advice both = Advice.of(space, found, many);
                assertTrue(both.relax().size() >= 2, both.relax().toString());
            }
        }
    }

    /** Every answer to every question: it holds as it is said to, or there is none with it that does. */
    @Test
    public void everyAnswerThatIsNotThereHasItsReason() {
        for (Rig rig : List.of(DemoRigs.oystercatcher(), DemoRigs.bittern())) {
            Space space = some(rig);
            Search.Found found = Search.of(space);
            for (RigAxis axis : RigAxis.values()) {
                for (Option option : space.options(axis)) {
                    WhyNot why = WhyNot.of(space, found, option, () -> false);
                    String asked = rig.name() + " " + axis + " " + option.id() + ": " + why;
                    assertFalse(why.says().plain().isEmpty(), asked);
                    if (why.with().isPresent()) {
                        assertEquals(failing(space, why.with().get()), List.of(), asked);
                        assertEquals(why.rules(), List.of());
                    } else {
                        assertEquals(Search.of(space.only(option)).points(), List.of(), asked);
                        assertTrue(!why.rules().isEmpty() || why.says().plain().contains("cannot"), asked);
                    }
                }
            }
        }
    }

    /** A hair before where the advice turns the rig still holds; there it fails, or the other one holds that did not before. */
    @Test
    public void whatToMeasureFirstIsWhereTheAdviceTurns() {
        int turns = 0;
        for (Rig rig : List.of(DemoRigs.lanternCrate(), DemoRigs.oystercatcher(), DemoRigs.kittiwake())) {
            Space space = some(rig);
            List<Turn> all = Turn.of(space, Search.of(space));
            double last = 0;
            for (Turn turn : all) {
                turns++;
                double is = turn.is().si();
                double there = turn.turns().si();
                assertTrue(holds(space, turn.from(), turn.pointer(), is), turn.toString());
                assertTrue(holds(space, turn.from(), turn.pointer(), there + (is - there) / 20), turn.toString());
                boolean stands = holds(space, turn.from(), turn.pointer(), there);
                boolean overtaken = turn.then()
                        .filter(then ->
                                holds(space, then, turn.pointer(), there) && !holds(space, then, turn.pointer(), is))
                        .isPresent();
                assertTrue(!stands || overtaken, turn.toString());
                // the nearest first
                assertTrue(turn.nearness() >= last && turn.nearness() <= 1, turn.toString());
                last = turn.nearness();
                assertFalse(turn.words().isBlank());
            }
        }
        assertTrue(turns > 5, turns + " turns");
    }

    /** By a line of its own, where another rig has not the part the figure is of as it is. */
    private static boolean holds(Space space, String id, String pointer, double value) {
        Rig rig = space.choice(id).flatMap(space::rig).orElseThrow();
        Line line = Line.of(Pointer.with(rig, pointer, Figure.chosen(value)).orElse(rig));
        return Breaches.rules().stream().filter(rule -> !rule.doubts()).noneMatch(rule -> Breaches.fails(line, rule));
    }

    /** Answers are written as one word of an address and read again; what names nothing is nothing. */
    @Test
    public void idsSayTheAnswers() {
        Space space = SearchTest.space(DemoRigs.reedling());
        Random random = new Random(3);
        for (int k = 0; k < 200; k++) {
            int[] choice = IntStream.range(0, RigAxis.values().length)
                    .map(axis ->
                            random.nextInt(space.options(RigAxis.values()[axis]).size()))
                    .toArray();
            String id = space.id(choice);
            assertTrue(id.matches("[A-Za-z0-9._-]+"), id);
            assertEquals(space.choice(id).orElseThrow(), choice);
        }
        for (String wrong : List.of(
                "", "mount", "mount.nowhere", "display.display-5-in_display.display-9-in", "_", "as-it-is_as-it-is")) {
            assertEquals(space.choice(wrong), Optional.empty(), wrong);
        }
    }

    /** The first answers alone, up to so many rigs; what is advised of them can be had, and what is new is marked so. */
    @Test
    public void aFirstLookIsAtSoMany() {
        Rig rig = DemoRigs.oystercatcher();
        Advisor advisor = Advisor.of(Line.of(rig), List.of(), 2000, () -> false, done -> {});
        assertTrue(advisor.searched() <= 2000 && advisor.searched() > 1000, advisor.searched() + " rigs");
        assertTrue(advisor.all() > 1_000_000);
        Advice advice = advisor.advice(Map.of());
        for (Advice.Standing each : advice.front()) {
            Rig had = advisor.rig(each.id()).orElseThrow();
            assertEquals(
                    Advisor.change(Line.of(rig), List.of(), Advisor.CHANGE + each.id())
                            .orElseThrow()
                            .after(),
                    had);
            assertTrue(had.proposed()
                    .containsAll(had.devices().stream()
                            .filter(device -> !rig.devices().contains(device))
                            .map(Device::id)
                            .toList()));
        }
        assertEquals(advisor.rig("mount.of-nothing"), Optional.empty());
        // one that was not among those that were looked at, too
        advisor.choices().forEach((axis, choices) -> {
            String last = choices.get(choices.size() - 1).id();
            WhyNot why = advisor.whyNot(axis, last, () -> false).orElseThrow();
            assertFalse(why.says().plain().isEmpty(), axis + " " + last);
        });
        assertEquals(advisor.whyNot(RigAxis.BANK, "none", () -> false), Optional.empty());
    }

    /** Nothing but a craft, or not even that: told, and quickly; what can be filled in is. */
    @Test
    public void littleToStartFrom() {
        for (CraftKind kind : CraftKind.values()) {
            Space space = SearchTest.few(SearchTest.space(Rig.blank("new", kind)), new Random(1), 300, 3);
            Search.Found found = Search.of(space);
            Advice advice = Advice.of(space, found, Map.of());
            assertEquals(found.tally().left(), 0, kind.name());
            assertEquals(advice.named().isEmpty(), found.points().isEmpty());
            System.out.println(kind + ": " + found.points().size() + " of " + found.tally());
        }
    }
}
