package app.brightkeel.core.load;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.TrialRun;
import java.util.List;
import org.testng.annotations.Test;

/** Hours that a whole rig ran, turned into what it drew. */
public class RanTogetherTest {

    private static TrialRun run(double hours, double brightness, double tempC) {
        return new TrialRun(Figure.measured(hours), Figure.chosen(brightness), Figure.measured(tempC));
    }

    /** A 9-in and a 5-in display and a live module on two 10 Ah packs side by side. */
    private static Rig pair(TrialRun... runs) {
        Rig rig = DemoRigs.gannet();
        Pack ten = rig.harness()
                .packs()
                .get(0)
                .with(p -> p.chemistry(Chemistry.LIFEPO4)
                        .capacityAh(Figure.rated(10))
                        .age(Figure.chosen(1)));
        return rig.withHarness(rig.harness().withPacks(List.of(ten, ten.withId("second"))))
                .withOuting(rig.outing().withRan(List.of(runs)));
    }

    /**
     * The handbook's reference point, common practice: 11.4 h at full and 14.5 h at half at 0 degrees put the pair near 20 W and
     * 15.6 W, the backlights at about 43 % of the whole.
     */
    @Test
    public void twoRunsTellBaseFromBacklight() {
        RanTogether ran = RanTogether.of(Line.of(pair(run(11.4, 1, 0), run(14.5, 0.5, 0))))
                .orElseThrow();
        double full = ran.baseW() + ran.backW();
        assertEquals(full, 20, 0.6);
        assertEquals(ran.baseW() + ran.backW() / 2, 15.6, 0.6);
        assertEquals(ran.backW() / full, 0.43, 0.01);
        assertEquals(ran.runs().get(0).cold(), 0.88, 1e-9, "the handbook's factor at 0 degrees");
        assertTrue(RanWorking.of(Line.of(pair(run(11.4, 1, 0)))).isPresent());
    }

    /** One run scales all draws alike: by hand, 20 Ah x 13.1 V over 10 h at 25 degrees. */
    @Test
    public void oneRunScalesAll() {
        RanTogether ran = RanTogether.of(Line.of(pair(run(10, 0.6, 25)))).orElseThrow();
        double wh = 20 * Chemistry.LIFEPO4.data().openCircuit().mean(0, 1);
        assertEquals(ran.baseW() + 0.6 * ran.backW(), wh / 10, 1e-9);
        assertEquals(ran.baseW() / ran.planBaseW(), ran.backW() / ran.planBackW(), 1e-9);
    }

    /** What is taken is what was seen: asked again, plan and runs agree, to the hundredth of a watt of each device. */
    @Test
    public void takenItAgrees() {
        for (Rig rig : List.of(pair(run(11.4, 1, 0), run(14.5, 0.5, 0)), pair(run(9, 0.7, 10)))) {
            Line line = Line.of(rig);
            Rig taken = RanTogether.of(line).orElseThrow().taken(line).orElseThrow();
            RanTogether again = RanTogether.of(Line.of(taken)).orElseThrow();
            assertEquals(again.plannedW(), again.seenW(), 0.05);
        }
    }

    /** Runs of one brightness are not told apart, runs that get dimmer and shorter make no negative backlight. */
    @Test
    public void nothingGetsNegative() {
        RanTogether odd =
                RanTogether.of(Line.of(pair(run(14, 1, 0), run(11, 0.2, 0)))).orElseThrow();
        assertTrue(odd.backW() >= 0 && odd.baseW() > 0, odd.toString());
        assertTrue(RanTogether.of(Line.of(TestRigs.all().get(0))).isEmpty(), "nobody saw it run");
        assertTrue(RanTogether.of(Line.of(pair(new TrialRun(Figure.UNSET, Figure.chosen(1), Figure.UNSET))))
                .isEmpty());
    }
}
