package app.brightkeel.core.mount;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Weights;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What stands in a beam, by hand. */
public class ClearanceTest {

    private static Clearance of(Rig rig) {
        return Line.of(rig).get(MountStage.STAGE).value().all().get(0);
    }

    private static Rig with(Rig rig, Mount mount) {
        Transducer transducer = rig.transducers().get(0);
        return rig.with(transducer.withMount(mount));
    }

    /** Posts at a distance, reaching below the hull; the face is 0.02 m below a bottom that is flat there. */
    @DataProvider
    public Object[][] posts() {
        double z = of(DemoRigs.oystercatcher()).held().face().zM();
        return new Object[][] {
            {2.80, 0.30, Math.atan2(0.20 - 0.02, z + 0.30)},
            {2.62, 0.30, 0.0},
            {2.80, 0.0, Math.PI / 2},
            {3.60, 0.10, z + 0.10 > 0 ? Math.atan2(1.0 - 0.02, z + 0.10) : Math.PI / 2}
        };
    }

    @Test(dataProvider = "posts")
    public void freeHalfAngleByHand(double fromBowM, double belowM, double expectedRad) {
        Rig rig = DemoRigs.oystercatcher();
        Obstruction post = new Obstruction(
                "post",
                "post",
                Obstruction.Sort.SKEG,
                Figure.measured(fromBowM),
                Figure.measured(-0.2),
                Figure.measured(belowM),
                Figure.measured(0.02));
        Clearance clearance = of(rig.withCraft(rig.craft().withObstructions(List.of(post))));
        assertEquals(clearance.clearRad(), expectedRad, 1e-9);
        assertEquals(clearance.by(), expectedRad < Math.PI / 2 ? "post" : "");
        assertEquals(Math.toDegrees(clearance.held().halfRad()), 12, 1e-9);
    }

    /** Against a sampler: the smallest angle off the axis at which a ray from the face meets any of the posts. */
    @Test
    public void freeHalfAngleBySampling() {
        Random random = new Random(11);
        Rig rig = DemoRigs.oystercatcher();
        for (int n = 0; n < 60; n++) {
            List<Obstruction> posts = new ArrayList<>();
            for (int p = 0; p < 3; p++) {
                posts.add(new Obstruction(
                        "p" + p,
                        "post " + p,
                        Obstruction.Sort.OTHER,
                        Figure.measured(2.2 + 0.9 * random.nextDouble()),
                        Figure.measured(-0.6 + 0.8 * random.nextDouble()),
                        Figure.measured(0.5 * random.nextDouble()),
                        Figure.measured(0.01 + 0.03 * random.nextDouble())));
            }
            Clearance clearance = of(rig.withCraft(rig.craft().withObstructions(posts)));
            double sampled = sampled(clearance, posts);
            assertEquals(clearance.clearRad(), sampled, Math.toRadians(0.6), posts.toString());
        }
    }

    /** Points over the surface of each post below the face, to the axis that points straight down. */
    private static double sampled(Clearance clearance, List<Obstruction> posts) {
        double least = Math.PI / 2;
        double z = clearance.held().face().zM();
        for (Obstruction post : posts) {
            for (double down = 0; down <= post.belowM().value(); down += 0.001) {
                double reach = z + down;
                for (int turn = 0; reach > 0 && turn < 90; turn++) {
                    double angle = 2 * Math.PI * turn / 90;
                    double x = post.fromBowM().value() + post.halfWidthM().value() * Math.cos(angle);
                    double y = post.sideM().value() + post.halfWidthM().value() * Math.sin(angle);
                    double away = Math.hypot(
                            x - clearance.held().face().xM(),
                            y - clearance.held().face().yM());
                    least = Math.min(least, Math.atan2(away, reach));
                }
            }
        }
        return least;
    }

    /** A face 0.15 m inside ice of 0.60 m in a hole of 0.20 m sees atan(0.10/0.15); under it, everything. */
    @Test
    public void theEdgeOfTheIce() {
        Rig rig = DemoRigs.lanternCrate();
        Rig thick = rig.withOuting(rig.outing().withWater(rig.outing().water().withIceM(Figure.measured(0.60))));
        Clearance inside = of(thick);
        assertEquals(inside.clearRad(), Math.atan2(0.10, 0.15), 1e-9);
        assertEquals(inside.by(), "edge of the ice");
        assertEquals(of(rig).clearRad(), Math.PI / 2);
        assertEquals(inside.gapM().orElseThrow(), 0.20 - 0.055, 1e-9);
    }

    /** The aft scuppers sit 1.15 m behind the fore ones, beside each other, not behind. */
    @Test
    public void openScuppersAhead() {
        assertEquals(of(DemoRigs.oystercatcher()).behindM().orElseThrow(), 2.60 - 1.45, 1e-9);
        Mount fore = new Mount(MountKind.SCUPPER, "scupper-fore-left", Figure.UNSET, Figure.UNSET);
        assertTrue(of(with(DemoRigs.oystercatcher(), fore)).behindM().isEmpty());
    }

    /** A weighted mean by hand: (0.8 + 0.3 + 0.7 + 0.5 + 0.8 + 1) / 6; the beach counting 4: (3.8 + 4·0.3) / 9. */
    @Test
    public void scoreByHand() {
        Score scupper = Score.of(MountKind.SCUPPER);
        assertEquals(scupper.weighted(Weights.EVEN), 4.1 / 6, 1e-9);
        assertEquals(scupper.weighted(Weights.EVEN.withBeach(Figure.chosen(4))), (3.8 + 1.2) / 9, 1e-9);
        Figure none = Figure.chosen(0);
        assertEquals(scupper.weighted(new Weights(none, none, none, none, none, none)), 0.0);
    }
}
