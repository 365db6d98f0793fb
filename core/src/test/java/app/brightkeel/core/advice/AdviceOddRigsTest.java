package app.brightkeel.core.advice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.picture.FrontScene;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.EveryRig;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Odd rigs, ready crafts, rigs of which next to nothing is known: each is advised, whatever comes of it. */
public class AdviceOddRigsTest {

    private static final int RIGS = 48;

    @Test
    public void everyRigIsAdvised() {
        List<Rig> rigs = Share.of(EveryRig.written());
        List<String> faults = IntStream.range(0, rigs.size())
                .parallel()
                .boxed()
                .flatMap(at -> faults(at + " " + rigs.get(at).name(), rigs.get(at)))
                .toList();
        System.out.println("advised: " + rigs.size() + " odd rigs");
        assertTrue(rigs.size() >= Share.of(100), rigs.size() + " rigs");
        assertEquals(faults, List.of());
    }

    private static Stream<String> faults(String name, Rig rig) {
        try {
            Line line = Line.of(rig);
            Advisor advisor = Advisor.of(line, SearchTest.OWN, RIGS, () -> false, done -> {});
            Advice advice = advisor.advice(Map.of());
            StringBuilder said = new StringBuilder();
            said.append(FrontScene.of(advice, Good.PRICE, Good.HOURS))
                    .append(FrontScene.of(advice, Good.SEEN, Good.MASS))
                    .append(advisor.advice(Map.of(Good.PRICE, 0.0, Good.HOLES, 0.0))
                            .relax())
                    .append(advisor.turns())
                    .append(advisor.inTheWay());
            advisor.choices()
                    .forEach((axis, choices) -> said.append(
                            advisor.whyNot(axis, choices.get(choices.size() - 1).id(), () -> false)
                                    .orElseThrow()));
            for (Advice.Advised each : advice.named()) {
                said.append(each).append(advisor.mended(each.id()));
                Stream.of(Good.values()).forEach(good -> said.append(advisor.working(each.id(), good)));
                Rig taken = Advisor.change(line, SearchTest.OWN, Advisor.CHANGE + each.id())
                        .orElseThrow()
                        .after();
                boolean fails = new RigReviewer()
                        .review(Line.of(taken)).findings().stream()
                                .anyMatch(finding -> finding.verdict() == Verdict.FAILS);
                if (fails) {
                    return Stream.of(name + ": " + each.id() + " fails");
                }
            }
            return Stream.of("NaN", "Infinity", "null")
                    .filter(wrong -> said.indexOf(wrong) >= 0)
                    .map(wrong -> {
                        int at = said.indexOf(wrong);
                        return name + ": " + said.substring(Math.max(0, at - 80), at + wrong.length());
                    });
        } catch (RuntimeException e) {
            return Stream.of(name + ": " + e + " " + List.of(e.getStackTrace()).subList(0, 3));
        }
    }
}
