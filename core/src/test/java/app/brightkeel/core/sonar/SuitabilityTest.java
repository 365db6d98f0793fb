package app.brightkeel.core.sonar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import java.util.Comparator;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Which type suits which water, style and motion: what each is good and poor for, common practice, no source. */
public class SuitabilityTest {

    private static Rig on(FishingStyle style, Motion motion, WaterKind kind, double leastM, double mostM) {
        Rig rig = DemoRigs.oystercatcher();
        Water water = Water.of(kind, Season.SUMMER, motion, leastM, mostM)
                .withStyle(style)
                .withFishM(Figure.chosen(0.5));
        return rig.withOuting(rig.outing().withWater(water));
    }

    private static Suitability of(Rig rig, Transducer item) {
        Rig with = rig.with(Catalogue.inPlaceOf(rig.transducers().get(0), item));
        Line line = Line.of(with);
        return Suitability.of(
                line.get(SonarStage.STAGE).value().first(), line.rig().outing().water());
    }

    private static List<Transducer> ranked(Rig rig) {
        return Catalogue.transducers().stream()
                .sorted(Comparator.comparingDouble(item -> -of(rig, item).score()))
                .toList();
    }

    private static String reasons(Rig rig, String id) {
        return of(
                        rig,
                        Catalogue.transducers().stream()
                                .filter(item -> item.id().equals(id))
                                .findFirst()
                                .orElseThrow())
                .reasons()
                .stream()
                .map(text -> text.plain())
                .toList()
                .toString();
    }

    /** The best type, then one that loses and a word of its reason. */
    @DataProvider
    public Object[][] waters() {
        WaterKind fresh = WaterKind.FRESH;
        return new Object[][] {
            {on(FishingStyle.SEARCH, Motion.TROLLING, fresh, 2, 8), "side-line-cone", "cone-20", "some use"},
            {on(FishingStyle.VERTICAL, Motion.STILL, fresh, 4, 10), "cone-20", "line-455-800", "same line again"},
            {on(FishingStyle.CAST_FORWARD, Motion.STILL, fresh, 2, 8), "live-130", "cone-20", "some use"},
            {on(FishingStyle.ICE_JIG, Motion.STILL, fresh, 18, 30), "ice-10-22", "side-line-cone", "smears"},
            {on(FishingStyle.DRIFT, Motion.DRIFTING, fresh, 2, 8), "chirp-24", "live-130", "draws about 16.5 W"},
            {on(FishingStyle.DRIFT, Motion.DRIFTING, WaterKind.SEA, 20, 90), "chirp-16", "line-455-800", "reaches 5"},
        };
    }

    @Test(dataProvider = "waters")
    public void theTypeThatSuitsIsFirstAndTheOthersSayWhyTheyLose(Rig rig, String best, String loser, String why) {
        List<String> order = ranked(rig).stream().map(Transducer::id).toList();
        assertTrue(order.subList(0, 3).contains(best), order.toString());
        assertTrue(order.indexOf(best) < order.indexOf(loser), order.toString());
        assertTrue(reasons(rig, loser).contains(why), reasons(rig, loser));
    }

    /** Every part lies between nothing and all, and one that is nothing leaves nothing of the score. */
    @Test
    public void scoresAreSharesOfOne() {
        for (FishingStyle style : FishingStyle.values()) {
            for (Motion motion : Motion.values()) {
                Rig rig = on(style, motion, WaterKind.BRACKISH, 1, 60);
                for (Transducer item : Catalogue.transducers()) {
                    Suitability its = of(rig, item);
                    assertTrue(its.parts().stream().allMatch(p -> p.value() >= 0 && p.value() <= 1), its.toString());
                    assertFalse(its.reasons().isEmpty());
                    if (its.parts().stream().anyMatch(p -> p.value() == 0)) {
                        assertEquals(its.score(), 0.0);
                    }
                }
            }
        }
    }
}
