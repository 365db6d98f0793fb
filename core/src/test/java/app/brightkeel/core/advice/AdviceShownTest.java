package app.brightkeel.core.advice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.line.Working.Row;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.picture.FrontScene;
import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.Breaches;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Note;
import app.brightkeel.core.rig.ProposedParts;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is shown of an advice: workings, reasons, the picture of the front, and what a rig that is taken keeps of it. */
public class AdviceShownTest {

    private static final int SOME = 1500;

    private static Space some(Rig rig) {
        return SearchTest.few(SearchTest.space(rig), new Random(8), SOME, 4);
    }

    @DataProvider
    public Object[][] rigs() {
        return DemoRigs.all().stream().map(rig -> new Object[] {rig}).toArray(Object[][]::new);
    }

    /** The rows of each working come to what the rig is said to be worth, within the step it is told in. */
    @Test(dataProvider = "rigs")
    public void workingsComeToWhatIsSaid(Rig rig) {
        Space space = some(rig);
        Measures measures = space.measures();
        for (Front.Point point : Search.of(space).points()) {
            Line line = space.rig(point.choice()).map(Line::of).orElseThrow();
            for (Good good : Good.values()) {
                Working working = WorthWorking.of(measures, line, good);
                double said = working.rows().stream()
                        .flatMap(row -> row instanceof Row.Result result ? Stream.of(result.amount()) : Stream.empty())
                        .findFirst()
                        .orElseThrow()
                        .si();
                assertEquals(said, good.of(point.worth()), 1e-9, good.name());
                double rows = sum(good, line, working);
                double worse = good.more() ? rows - said : said - rows;
                assertTrue(
                        worse > -1e-6 && worse < good.step(),
                        rig.name() + " " + good + ": rows " + rows + ", said " + said);
            }
        }
    }

    private static double sum(Good good, Line line, Working working) {
        double sum = good == Good.SEEN ? 1 : 0;
        for (Row row : working.rows()) {
            if (row instanceof Row.Step step) {
                sum = good == Good.SEEN
                        ? sum * step.amount().si()
                        : sum + step.amount().si();
            } else if (row instanceof Row.Opened opened) {
                sum += Math.min(
                        opened.amount().si(), 2 * line.get(Load.STAGE).value().hours());
            }
        }
        return sum;
    }

    /** With that one answer as it was the rig cannot be, fails as it is told, or is worse in what is told. */
    @Test(dataProvider = "rigs")
    public void reasonsAreTrue(Rig rig) {
        Space space = some(rig);
        Reasons reasons = new Reasons(space);
        Measures measures = space.measures();
        int told = 0;
        int others = 0;
        for (Front.Point point : Search.of(space).points()) {
            for (Advice.Answer answer : reasons.answers(point.choice())) {
                String because = answer.because().plain();
                others += answer.now() ? 0 : 1;
                assertTrue(!answer.now() || because.isEmpty(), answer.toString());
                if (because.isEmpty()) {
                    continue;
                }
                told++;
                int[] back = point.choice().clone();
                back[answer.axis().ordinal()] = 0;
                Optional<Line> line = space.rig(back).map(Line::of);
                if (line.isEmpty()) {
                    assertTrue(because.contains("does not go"), because);
                    continue;
                }
                List<Finding> fails = new RigReviewer()
                        .review(line.get()).findings().stream()
                                .filter(finding -> finding.verdict() == Verdict.FAILS)
                                .toList();
                if (fails.isEmpty()) {
                    Worth then = measures.of(line.get());
                    assertTrue(
                            Stream.of(Good.values()).anyMatch(good -> good.steps(point.worth(), then) > 0.5),
                            rig.name() + " " + because);
                } else {
                    assertTrue(
                            fails.stream()
                                    .anyMatch(finding ->
                                            because.contains(finding.text().plain())),
                            because);
                }
            }
        }
        assertTrue(told * 2 >= others, rig.name() + ": " + told + " of " + others);
    }

    /** What is taken is marked as proposed and says why, behind what the person said of the part. */
    @Test
    public void whatIsTakenKeepsItsReasons() {
        String mine = "a present, and the old one leaked";
        Rig planned = DemoRigs.oystercatcher();
        String display = planned.devices().get(0).id();
        Rig rig = planned.withNotes(List.of(new Note(display, mine)));
        Advisor advisor = Advisor.of(Line.of(rig), List.of(), 2000, () -> false, done -> {});
        int displays = 0;
        for (Advice.Standing each : advisor.advice(Map.of()).front()) {
            Rig taken = advisor.rig(each.id()).orElseThrow();
            Map<String, String> notes = taken.notes().stream().collect(Collectors.toMap(Note::part, Note::text));
            for (Advice.Answer answer : advisor.answers(each.id())) {
                boolean said = notes.values().stream()
                        .anyMatch(note -> note.contains(answer.label().plain()));
                assertTrue(answer.now() || said, answer + " of " + notes);
            }
            assertTrue(notes.getOrDefault(display, "").startsWith(mine), notes.toString());
            displays += notes.getOrDefault(display, "").contains("Advised, display") ? 1 : 0;
            Map<String, Object> before = ProposedParts.of(rig);
            ProposedParts.of(taken)
                    .forEach((id, part) -> assertTrue(
                            part.equals(before.get(id)) || taken.proposed().contains(id), id));
        }
        assertTrue(displays > 0);
    }

    /** By any two of the goods: every place of the front once, those that nothing beats in the two solid, every name. */
    @Test(dataProvider = "rigs")
    public void theFrontIsDrawnByAnyTwoGoods(Rig rig) {
        Space space = some(rig);
        Advice advice = Advice.of(space, Search.of(space), Map.of());
        for (Good across : Good.values()) {
            for (Good up : Good.values()) {
                if (across == up) {
                    continue;
                }
                Scene scene = FrontScene.of(advice, across, up);
                Set<List<Double>> places = advice.front().stream()
                        .map(each -> List.of(across.of(each.worth()), up.of(each.worth())))
                        .collect(Collectors.toSet());
                assertEquals(places(scene, Set.of(Scene.Role.JUNCTION, Scene.Role.GHOST)), places);
                assertEquals(
                        places(scene, Set.of(Scene.Role.JUNCTION)),
                        places.stream()
                                .filter(one -> places.stream()
                                        .noneMatch(other -> !other.equals(one)
                                                && (across.more()
                                                        ? other.get(0) >= one.get(0)
                                                        : other.get(0) <= one.get(0))
                                                && (up.more()
                                                        ? other.get(1) >= one.get(1)
                                                        : other.get(1) <= one.get(1))))
                                .collect(Collectors.toSet()),
                        across + " " + up);
                Set<String> picked = scene.marks().stream()
                        .flatMap(mark -> mark instanceof Mark.Pick pick ? Stream.of(pick.change()) : Stream.empty())
                        .collect(Collectors.toSet());
                assertEquals(picked.size(), places.size());
                Scene.Frame.Plot plot = (Scene.Frame.Plot) scene.frame();
                assertTrue(
                        places.stream()
                                .allMatch(place -> plot.x().low() < place.get(0)
                                        && place.get(0) < plot.x().high()
                                        && plot.y().low() < place.get(1)
                                        && place.get(1) < plot.y().high()),
                        across + " " + up);
                String words = scene.twin().rows().toString();
                advice.named()
                        .forEach(each -> assertTrue(
                                words.contains(each.titles().get(0).words()), each.titles() + " in " + words));
            }
        }
    }

    private static Set<List<Double>> places(Scene scene, Set<Scene.Role> roles) {
        return scene.marks().stream()
                .flatMap(mark -> mark instanceof Mark.Spot spot && roles.contains(spot.role())
                        ? Stream.of(List.of(spot.at().x(), spot.at().y()))
                        : Stream.empty())
                .collect(Collectors.toSet());
    }

    @Test
    public void everyRuleThatRulesOutHasWords() {
        assertEquals(RuledOut.worded(), Breaches.rules().stream().map(Rule::id).collect(Collectors.toSet()));
        assertFalse(RuledOut.of(Map.of("battery.hours", 3L)).get(0).words().isBlank());
    }
}
