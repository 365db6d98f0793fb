package app.brightkeel.core.mount;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Hand;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.ObstructionKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
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
                ObstructionKind.SKEG,
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
                        ObstructionKind.OTHER,
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

    /** A weighted mean by hand of eight parts that count; the beach counting 4. */
    @Test
    public void scoreByHand() {
        Rig rig = DemoRigs.oystercatcher();
        Score scupper = Score.of(rig, rig.transducers().get(0));
        double sum = 0.8 + 0.3 + 0.7 + 0.5 + 0.8 + 0.8 + 1 + 0.4;
        assertEquals(scupper.weighted(Weights.EVEN), sum / 8, 1e-9);
        assertEquals(scupper.weighted(Weights.EVEN.withBeach(Figure.chosen(4))), (sum + 3 * 0.3) / 11, 1e-9);
        assertEquals(scupper.weighted(Weights.all(Figure.chosen(0))), 0.0);
    }

    /** The side a person likes counts only where it is said, and a side view only where something looks there. */
    @Test
    public void partsThatCount() {
        Rig rig = DemoRigs.gannet();
        Transducer head = rig.transducers().get(1);
        assertEquals(Score.of(rig, head).parts().size(), 8);
        Rig handed = rig.withAngler(rig.angler().withHand(Hand.RIGHT))
                .withSchools(rig.schools().withPost(Schools.Post.AT_HAND));
        assertEquals(last(Score.of(handed, head)), new Score.Valued(Score.Part.AT_HAND, 1));
        Rig free = handed.withSchools(rig.schools().withPost(Schools.Post.ROD_SIDE_FREE));
        assertEquals(last(Score.of(free, head)), new Score.Valued(Score.Part.AT_HAND, 0));
    }

    private static Score.Valued last(Score score) {
        return score.parts().get(score.parts().size() - 1);
    }
}
