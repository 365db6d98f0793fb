package app.brightkeel.core.sonar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.brightkeel.core.rig.Look;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Live fans by trigonometry, two crossed ones against a sampler. */
public class FanTest {

    private static Fan fan(Look look, double tiltDeg) {
        return new Fan(Math.toRadians(130), Math.toRadians(20), look, Math.toRadians(tiltDeg));
    }

    /** Handbook §3: 0.353 of the range wide for 20°. */
    @Test
    public void widthAtARange() {
        assertEquals(fan(Look.DOWN, 0).acrossM(1), 0.353, 5e-4);
        assertEquals(fan(Look.FORWARD, 0).acrossM(Fan.CAST_M), 12 * 0.3527, 1e-3);
        // edges of 130° at 12 m stand 2·12·sin 65° apart, by hand; the tangent of 65° would lie beyond all it reaches
        assertEquals(fan(Look.ON_SIDE, 0).acrossM(Fan.CAST_M), 21.751, 1e-3);
        assertTrue(fan(Look.ON_SIDE, 0).acrossM(Fan.CAST_M) < 2 * Fan.CAST_M);
    }

    /** Where each look points, by hand: straight down, ahead from straight down up, flat. */
    @DataProvider
    public Object[][] looks() {
        return new Object[][] {
            {Look.DOWN, 0, -65, 65},
            {Look.DOWN, 25, -40, 90},
            {Look.FORWARD, 0, 0, 130},
            {Look.ON_SIDE, 0, 80, 100}
        };
    }

    @Test(dataProvider = "looks")
    public void edgesOfALook(Look look, double tilt, double lower, double upper) {
        Fan fan = fan(look, tilt);
        assertEquals(Math.toDegrees(fan.lowerRad()), lower, 1e-9);
        assertEquals(Math.toDegrees(fan.upperRad()), upper, 1e-9);
        double ahead = fan.aheadM(10);
        assertTrue(look == Look.DOWN ? Math.abs(ahead - 10 * Math.tan(Math.toRadians(tilt))) < 1e-9 : ahead > 10);
    }

    /** Points on the plane of the bottom that lie in both strips, counted. */
    @Test
    public void crossedFansShareALozenge() {
        Random random = new Random(7);
        double range = 9;
        for (double turn : new double[] {20, 45, 70, 90}) {
            CrossedFans fans = new CrossedFans(Math.toRadians(20), Math.toRadians(turn));
            double half = range * Math.tan(Math.toRadians(10));
            double box = fans.longestM(range);
            int in = 0;
            double farthest = 0;
            int points = 400_000;
            for (int i = 0; i < points; i++) {
                double x = (random.nextDouble() - 0.5) * box;
                double y = (random.nextDouble() - 0.5) * box;
                double offSecond = x * Math.sin(Math.toRadians(turn)) - y * Math.cos(Math.toRadians(turn));
                if (Math.abs(y) <= half && Math.abs(offSecond) <= half) {
                    in++;
                    farthest = Math.max(farthest, 2 * Math.hypot(x, y));
                }
            }
            assertEquals(box * box * in / points, fans.areaM2(range), 0.02 * fans.areaM2(range));
            assertEquals(farthest, fans.longestM(range), 0.02 * fans.longestM(range));
            assertEquals(fans.widthM(range), 2 * half, 1e-12);
        }
        expectThrows(IllegalArgumentException.class, () -> new CrossedFans(0.3, 0));
    }
}
