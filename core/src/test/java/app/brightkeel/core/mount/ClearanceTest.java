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
import java.util.List;
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
