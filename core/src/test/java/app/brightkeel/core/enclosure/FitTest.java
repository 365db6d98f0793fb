package app.brightkeel.core.enclosure;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A battery in its place, plug and terminals included. */
public class FitTest {

    /** Slot of 155 × 101 × 174 mm and what goes into it: common practice, no source. */
    @DataProvider
    public Object[][] packs() {
        return new Object[][] {
            {0.181, 0.077, 0.167, 0.0, -0.012},
            {0.151, 0.098, 0.095, 0.0, 0.006},
            // the plug finds room above it, and none where it has to lie on its side
            {0.151, 0.098, 0.095, 0.030, 0.003},
            {0.170, 0.098, 0.095, 0.030, 0.003},
            {0.151, 0.065, 0.168, 0.030, -0.024}
        };
    }

    @Test(dataProvider = "packs")
    public void theBestOfSixWaysToTurnIt(double d, double w, double t, double plug, double gap) {
        Fit fit = Fit.of(List.of(housed(new Box(d, w, t), plug, false)));
        assertEquals(fit.leastGapM(), gap, 1e-9);
    }

    private static FitNeeds.Housed housed(Box box, double plugM, boolean upright) {
        return new FitNeeds.Housed(
                "p",
                "pack",
                new Box(box.deepM(), box.wideM(), box.tallM() + plugM),
                upright ? FitNeeds.Lie.UPRIGHT : FitNeeds.Lie.ANY,
                1,
                "s",
                "slot",
                new Box(0.155, 0.101, 0.174));
    }

    /** What holds free acid stands: 170 mm of height do not go in lying; two flat ones go in one on the other. */
    @Test
    public void uprightOnesAndRows() {
        Box tall = new Box(0.150, 0.170, 0.095);
        assertEquals(Fit.of(List.of(housed(tall, 0, false))).leastGapM(), 0.004, 1e-9);
        assertEquals(Fit.of(List.of(housed(tall, 0, true))).leastGapM(), 0.101 - 0.150, 1e-9);
        FitNeeds.Housed flat = housed(new Box(0.150, 0.095, 0.080), 0, false);
        Fit two = Fit.of(List.of(flat, flat));
        assertEquals(two.leastGapM(), 0.005, 1e-9);
        assertEquals(two.tallGapM(), 0.174 - 0.160, 1e-9);
        assertTrue(Fit.of(List.of(flat, flat, flat)).leastGapM() < 0);
    }

    /** A place without walls takes any; one with walls asks for the battery's size. */
    @Test
    public void onlyWallsAskForSizes() {
        Rig rig = DemoRigs.oystercatcher();
        Pack unknown = rig.harness()
                .pack("pack")
                .withSize(rig.harness().pack("pack").size().withTallM(Figure.UNSET));
        assertEquals(Line.of(rig.with(unknown)).get(FitStage.STAGE).missing(), List.of("/harness/packs/0/size/tallM"));
        Rig open = rig.withCraft(rig.craft()
                .withStations(rig.craft().stations().stream()
                        .map(s -> s.withRoom(app.brightkeel.core.rig.Size.UNKNOWN))
                        .toList()));
        assertTrue(Line.of(open.with(unknown)).get(FitStage.STAGE).value().all().isEmpty());
    }
}
