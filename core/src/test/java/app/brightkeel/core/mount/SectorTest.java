package app.brightkeel.core.mount;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.ObstructionKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** What hides the view all round, against points over the surface of each thing that hangs down. */
public class SectorTest {

    private static Clearance of(Rig rig, int transducer) {
        return Line.of(rig).get(MountStage.STAGE).value().all().get(transducer);
    }

    private static Obstruction post(String id, double fromBowM, double sideM, double belowM, double halfM) {
        return new Obstruction(
                id,
                id,
                ObstructionKind.OTHER,
                Figure.measured(fromBowM),
                Figure.measured(sideM),
                Figure.measured(belowM),
                Figure.measured(halfM));
    }

    /** A world ray is hidden where a post stands in it; posts are turned into the world by the water's slope. */
    @Test
    public void againstASampler() {
        Random random = new Random(23);
        Rig rig = DemoRigs.gannet();
        int hidden = 0;
        for (int n = 0; n < 40; n++) {
            List<Obstruction> posts = new ArrayList<>();
            for (int p = 0; p < 3; p++) {
                posts.add(post(
                        "p" + p,
                        0.6 + 3 * random.nextDouble(),
                        -0.4 + 0.8 * random.nextDouble(),
                        0.2 + 0.5 * random.nextDouble(),
                        0.01 + 0.08 * random.nextDouble()));
            }
            Clearance clearance = of(rig.withCraft(rig.craft().withObstructions(posts)), 1);
            double[] sampled = sampled(clearance.held(), posts);
            for (int deg = 0; deg < 360; deg++) {
                double ours = clearance.sector().lostRad(deg);
                // a post may end between two bearings: ours takes both, the sampler one of them
                double least = Math.min(sampled[deg], Math.min(sampled[(deg + 1) % 360], sampled[(deg + 359) % 360]));
                double most = Math.max(sampled[deg], Math.max(sampled[(deg + 1) % 360], sampled[(deg + 359) % 360]));
                assertTrue(
                        ours >= least - Math.toRadians(0.6) && ours <= most + Math.toRadians(0.6),
                        deg + "°: " + Math.toDegrees(ours) + " against " + Math.toDegrees(sampled[deg]) + " of "
                                + posts);
                hidden += ours > 0 ? 1 : 0;
            }
        }
        assertTrue(hidden > 500, hidden + " bearings hidden");
    }

    private static double[] sampled(HeldFace held, List<Obstruction> posts) {
        double[] lost = new double[360];
        for (Obstruction post : posts) {
            for (double down = 0; down <= post.belowM().value(); down += 0.004) {
                for (int turn = 0; turn < 720; turn++) {
                    double angle = Math.PI * turn / 360;
                    double x = post.fromBowM().value() + post.halfWidthM().value() * Math.cos(angle);
                    double y = post.sideM().value() + post.halfWidthM().value() * Math.sin(angle);
                    double ahead = held.face().xM() - x;
                    double right = y - held.face().yM();
                    double away = Math.hypot(ahead, right);
                    double below = held.face().zM() + down;
                    // the water rises by so much over the way there: below the horizontal is below that
                    double rise = -held.riseX() * ahead + held.riseY() * right;
                    double rad = Math.atan2(below, away) + Math.atan2(rise, away);
                    int deg = Math.floorMod((int) Math.round(Math.toDegrees(Math.atan2(right, ahead))), 360);
                    if (below > 0) {
                        lost[deg] = Math.max(lost[deg], rad);
                    }
                }
            }
        }
        return lost;
    }

    /** One post of 40 mm at 1 m abeam hides a fan of 20° over 20° and its own 2 · asin(0.04). */
    @Test
    public void clearSectorOfOnePost() {
        Rig rig = DemoRigs.gannet();
        Clearance free = of(rig.withCraft(rig.craft().withObstructions(List.of())), 1);
        assertEquals(free.sector().clearTurnDeg(), 360);
        double x = free.held().face().xM();
        double y = free.held().face().yM();
        Clearance one = of(rig.withCraft(rig.craft().withObstructions(List.of(post("p", x, y - 1, 0.8, 0.04)))), 1);
        int across = one.held().acrossDeg();
        double by = across + 2 * Math.toDegrees(Math.asin(0.04));
        assertEquals(360 - one.sector().clearTurnDeg(), by, 3);
        assertTrue(one.sector().clearAt(90));
        assertTrue(!one.sector().clearAt(270));
        Rig ahead = rig.withCraft(
                one == free ? rig.craft() : rig.craft().withObstructions(List.of(post("p", x, y - 1, 0.8, 0.04))));
        Transducer head = ahead.transducers().get(1);
        Clearance half = of(ahead.with(head.withMount(head.mount().withTurnDeg(Figure.chosen(45)))), 1);
        assertEquals(half.sector().turnedDeg(), 91);
        assertEquals(half.sector().clearTurnDeg(), 91);
    }

    /** A face higher than the keel beside it does not see under the hull; one below it does. */
    @Test
    public void theHullItself() {
        Rig rig = DemoRigs.oystercatcher();
        Transducer old = rig.transducers().get(0);
        Clearance high = of(
                rig.with(old.withMount(
                        new Mount(MountKind.CLAMP_BAR, "arm-right", Figure.measured(-0.06), Figure.UNSET))),
                0);
        assertTrue(high.sector().lostRad(270) > Math.toRadians(5), "to the left, under the hull");
        assertEquals(high.sector().lostRad(90), Math.max(0, high.sector().lostRad(90)), 0);
        assertTrue(high.sector().lostRad(90) < high.sector().lostRad(270));
        Clearance low = of(
                rig.with(old.withMount(
                        new Mount(MountKind.SWING_ARM, "arm-right", Figure.measured(0.03), Figure.UNSET))),
                0);
        assertEquals(low.sector().lostRad(270), 0.0);
    }
}
