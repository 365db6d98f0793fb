package app.brightkeel.core.layout;

import static org.testng.Assert.assertEquals;

import app.brightkeel.core.craft.MassAt;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Stand;
import java.util.List;
import org.testng.annotations.Test;

/** Statics by hand: moments about the edge of the base. */
public class TipTest {

    private static final MassAt BUCKET = new MassAt("bucket", 1.5, 0.15, 0, 0);

    /** 1.5 kg × 0.15 m hold, 1 kg × 0.20 m tip: 1.125. A battery opposite, 2 kg × 0.25 m, makes it 3.625. */
    @Test
    public void aScreenHangsOutOverABucket() {
        MassAt screen = new MassAt("screen", 1, 0.15, -0.35, 0.4);
        Tip tip = Tip.of(0.3, 0.3, Stand.NONE, List.of(BUCKET, screen));
        assertEquals(tip.edge(), BaseEdge.LEFT);
        assertEquals(tip.margin(), 1.5 * 0.15 / (1 * 0.20), 1e-9);
        Tip held = Tip.of(0.3, 0.3, Stand.NONE, List.of(BUCKET, screen, new MassAt("battery", 2, 0.15, 0.10, 0)));
        assertEquals(held.margin(), (1.5 * 0.15 + 2 * 0.25) / 0.20, 1e-9);
    }

    /** Ballast at the far edge: (1.3 × 0.4 − 0.225) / 0.3 = 0.983 kg, and with it the margin is what was asked. */
    @Test
    public void ballastMakesTheMarginThatIsAsked() {
        MassAt heavy = new MassAt("screen", 2, 0.15, -0.35, 0.4);
        Tip tip = Tip.of(0.3, 0.3, Stand.NONE, List.of(BUCKET, heavy));
        double ballast = tip.ballastKg(Tip.WANTED);
        assertEquals(ballast, (1.3 * 0.4 - 0.225) / 0.3, 1e-9);
        MassAt stone = new MassAt("stone", ballast, 0.15, 0.15, 0);
        assertEquals(Tip.of(0.3, 0.3, Stand.NONE, List.of(BUCKET, heavy, stone)).margin(), 1.3, 1e-9);
        assertEquals(tip.ballastKg(0.1), 0.0);
    }

    @Test
    public void foreAndAftCountToo() {
        Tip tip = Tip.of(
                0.6, 0.4, Stand.NONE, List.of(new MassAt("box", 4, 0.3, 0, 0), new MassAt("screen", 1, 0.8, 0, 0.4)));
        assertEquals(tip.edge(), BaseEdge.BACK);
        assertEquals(tip.margin(), 4 * 0.3 / 0.2, 1e-9);
        assertEquals(Tip.of(0.6, 0.4, Stand.NONE, List.of(BUCKET)).margin(), 1000, 1e-9);
    }

    /** What hangs in the hole does not hold the crate; what comes off is told apart from what stays. */
    @Test
    public void theCrateByHand() {
        Rig rig = DemoRigs.lanternCrate();
        Carried carried = Line.of(rig).get(CarryStage.STAGE).value();
        assertEquals(carried.massKg(), 2.7 + 0.5 + 0.4, 1e-9);
        double holds = 6 * 0.225 + 2.7 * (0.225 + 0.10);
        assertEquals(carried.tip().orElseThrow().margin(), holds / (0.5 * (0.38 - 0.225)), 1e-9);
        Rig stays = rig.with(rig.places().get(1).withComesOff(false));
        Carried left = Line.of(stays).get(CarryStage.STAGE).value();
        assertEquals(left.comesOff(), List.of("5-in display"));
        assertEquals(left.comesOffKg(), 0.5, 1e-9);
    }
}
