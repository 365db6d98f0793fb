package app.brightkeel.core.water;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is assumed of a water, what is asked for, and that the two are never mixed up. */
public class WaterStageTest {

    private static Rig on(Water water, CraftKind carrier) {
        Rig rig = DemoRigs.oystercatcher();
        return rig.withOuting(rig.outing().withWater(water))
                .withCraft(rig.craft().withKind(carrier));
    }

    /** Season's temperature, kind's salinity; on the ice the water is cold whatever the season says nothing of. */
    @DataProvider
    public Object[][] assumed() {
        return new Object[][] {
            {WaterKind.FRESH, Season.UNDECIDED, CraftKind.CANOE, 15, 0},
            {WaterKind.FRESH, Season.SUMMER, CraftKind.CANOE, 20, 0},
            {WaterKind.FRESH, Season.UNDECIDED, CraftKind.ICE_WALK_OUT, 1, 0},
            {WaterKind.FRESH, Season.WINTER, CraftKind.ICE_WALK_OUT, 4, 0},
            {WaterKind.BRACKISH, Season.AUTUMN, CraftKind.SIT_ON_TOP, 12, 10},
            {WaterKind.SEA, Season.SPRING, CraftKind.PEDAL_KAYAK, 8, 35},
        };
    }

    @Test(dataProvider = "assumed")
    public void openFiguresAreAssumedAndMarked(
            WaterKind kind, Season season, CraftKind carrier, double celsius, double salinity) {
        Line line = Line.of(on(Water.of(kind, season, Motion.STILL, 3, 11), carrier));
        Water water = line.rig().outing().water();
        assertEquals(water.waterC(), new Figure.Given(celsius, Figure.Basis.ASSUMED));
        assertEquals(water.salinity(), new Figure.Given(salinity, Figure.Basis.ASSUMED));
        assertEquals(water.typicalM(), new Figure.Given(7, Figure.Basis.ASSUMED));
        WaterState state = line.get(WaterStage.STAGE).value();
        assertEquals(state.soundMs(), new SoundSpeed(celsius, salinity, 3.5).metresPerSecond(), 1e-9);
        assertTrue(new RigReviewer()
                .review(line).assumed().stream()
                        .anyMatch(figure -> figure.links().contains(Link.WATER)));
    }

    /** Given figures stand, and none of them is marked. */
    @Test
    public void givenFiguresStand() {
        Water given = Water.of(WaterKind.SEA, Season.ICE, Motion.DRIFTING, 3, 11)
                .withTypicalM(Figure.measured(5))
                .withWaterC(Figure.measured(17))
                .withSalinity(Figure.measured(31))
                .withDisplaySoundMs(Figure.rated(1463))
                .withFishM(Figure.chosen(0.2))
                .withFishLengthM(Figure.chosen(0.3))
                .withSlopeDeg(Figure.measured(4));
        Line line = Line.of(on(given, CraftKind.ICE_WALK_OUT));
        assertEquals(line.rig().outing().water(), given);
        assertEquals(line.get(WaterStage.STAGE).value().displaySoundMs(), 1463.0);
    }

    @DataProvider
    public Object[][] open() {
        Water whole = Water.of(WaterKind.FRESH, Season.SUMMER, Motion.STILL, 3, 11);
        return new Object[][] {
            {Water.UNKNOWN, List.of("/outing/water/kind", "/outing/water/leastM", "/outing/water/mostM")},
            {whole.withKind(WaterKind.UNDECIDED), List.of("/outing/water/kind")},
            {whole.withLeastM(Figure.UNSET), List.of("/outing/water/leastM")},
            {whole.withMostM(Figure.UNSET).withTypicalM(Figure.chosen(4)), List.of("/outing/water/mostM")},
        };
    }

    /** What is never assumed is asked for by its place, and the link stays open without a number. */
    @Test(dataProvider = "open")
    public void missingFiguresAreAskedFor(Water water, List<String> pointers) {
        Line line = Line.of(on(water, CraftKind.CANOE));
        assertEquals(line.get(WaterStage.STAGE).missing(), pointers);
        LinkState state = new RigReviewer().state(line, Link.WATER);
        assertEquals(state.verdict(), Verdict.UNSET);
        assertEquals(((LinkState.Open) state).pointers(), pointers);
    }
}
