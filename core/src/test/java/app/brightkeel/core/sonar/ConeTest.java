package app.brightkeel.core.sonar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.special.BesselJ;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Beams and dead zones against geometry sampled by brute force, and the piston against a library's Bessel function. */
public class ConeTest {

    private static Cone degrees(double full) {
        return new Cone(Math.toRadians(full));
    }

    /** Diameter over depth, by trigonometry: {@code 2 tan(θ/2)}. */
    @DataProvider
    public Object[][] footprints() {
        return new Object[][] {
            {7, .1223},
            {9, .1574},
            {12, .2102},
            {16, .2811},
            {20, .3527},
            {24, .4251},
            {28, .4987},
            {45, .8284},
            {60, 1.1547}
        };
    }

    @Test(dataProvider = "footprints")
    public void footprintOnAFlatBottom(double angle, double perDepth) {
        assertEquals(degrees(angle).footprintM(1), perDepth, 5e-5);
        assertEquals(degrees(angle).footprintM(13), 13 * perDepth, 7e-4);
    }

    /** Common practice, no source: a 20° cone covers about a third of the depth. */
    @Test
    public void twentyDegreesCoverAThird() {
        assertEquals(degrees(20).footprintM(30), 10, 0.6);
    }

    /** Flat bottom at the beam's edge: h (1 − cos α) + cos α · c·τ/2. */
    @DataProvider
    public Object[][] flat() {
        return new Object[][] {{9, .00308}, {24, .02185}, {45, .07612}, {60, .13397}};
    }

    @Test(dataProvider = "flat")
    public void deadZoneOnAFlatBottom(double angle, double perDepth) {
        DeadZone bare = new DeadZone(degrees(angle), 1, 0, 0);
        assertEquals(bare.downSlopeM(), perDepth, 5e-6);
        assertEquals(bare.upSlopeM(), perDepth, 5e-6);
        assertEquals(bare.onAxisM(), 0, 1e-12);
        DeadZone pulsed = new DeadZone(degrees(angle), 20, 0, 0.15);
        assertEquals(pulsed.onAxisM(), 0.15, 1e-12);
        assertEquals(pulsed.downSlopeM(), 20 * perDepth + 0.15 * Math.cos(Math.toRadians(angle / 2)), 1e-3);
    }

    @DataProvider
    public Object[][] slopes() {
        return new Object[][] {{24, 10}, {24, 12}, {24, 25}, {9, 3}, {60, 20}, {45, 30}, {16, 40}};
    }

    /** Every ray of the cone is walked to the sloping bottom; what lies beyond the nearest hit is hidden. */
    @Test(dataProvider = "slopes")
    public void deadZoneOnASlopeAgreesWithRays(double angle, double slope) {
        double h = 7;
        double beta = Math.toRadians(slope);
        double alpha = Math.toRadians(angle) / 2;
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= 400; i++) {
            double off = alpha * i / 400;
            for (int k = 0; k < 720; k++) {
                double round = Math.PI * k / 360;
                // depth of the bottom grows by tan β along x; the ray runs (sin off cos round, cos off)
                double fall = Math.cos(off) - Math.sin(off) * Math.cos(round) * Math.tan(beta);
                nearest = fall > 0 ? Math.min(nearest, h / fall) : nearest;
            }
        }
        DeadZone zone = new DeadZone(degrees(angle), h, beta, 0);
        assertEquals(zone.nearestM(), nearest, 1e-4 * h);
        assertEquals(zone.onAxisM(), h - nearest, 1e-4 * h);
        assertEquals(zone.downSlopeM(), hidden(h, beta, alpha, nearest), 1e-4 * h);
        assertEquals(zone.upSlopeM(), hidden(h, beta, -alpha, nearest), 1e-4 * h);
        assertTrue(zone.downSlopeM() >= zone.upSlopeM());
    }

    /** Height above the bottom straight below a point at a range along the edge ray. */
    private static double hidden(double h, double beta, double off, double range) {
        double x = range * Math.sin(off);
        double depth = range * Math.cos(off);
        return h + x * Math.tan(beta) - depth;
    }

    /** The worked figures for 24° on a slope of 10°: .0006 and .0728 of the depth. */
    @Test
    public void hiddenOnTheDownSlopeSide() {
        DeadZone zone = new DeadZone(degrees(24), 1, Math.toRadians(10), 0);
        assertEquals(zone.upSlopeM(), .0006, 5e-5);
        assertEquals(zone.downSlopeM(), .0728, 5e-5);
        assertTrue(zone.edgeMeetsBottom());
        assertFalse(new DeadZone(degrees(60), 1, Math.toRadians(61), 0).edgeMeetsBottom());
    }

    /** Handbook §18: 0.24 to 0.44 m are hidden at 2 m on banks of 20 to 30°, by cones of 20 to 24°. */
    @Test
    public void hiddenOnTheBanksOfACanal() {
        assertEquals(new DeadZone(degrees(20), 2, Math.toRadians(20), 0).downSlopeM(), 0.24, 0.005);
        assertEquals(new DeadZone(degrees(24), 2, Math.toRadians(30), 0).downSlopeM(), 0.44, 0.005);
    }

    /** Roots of the piston's pattern (2 J₁(x)/x)², found with a library's Bessel function. */
    @Test
    public void pistonConstantsAreRootsOfItsPattern() {
        double half = root(0.5);
        assertEquals(half, 1.6163, 5e-5);
        assertEquals(half / Math.PI, Cone.HALF_POWER, 5e-5);
        assertEquals(half / root(0.1), Cone.HALF_OVER_TENTH, 5e-5);
    }

    private static double root(double power) {
        UnivariateFunction off = x -> Math.pow(2 * BesselJ.value(1, x) / x, 2) - power;
        return new BrentSolver(1e-12).solve(200, off, 0.5, 3.5);
    }

    /** Quoted at −10 dB, 20° are 11.8° and 60° are 34.4° at −3 dB. */
    @Test
    public void anglesAreTakenAtHalfPower() {
        assertEquals(Math.toDegrees(Cone.quotedAtTenth(Math.toRadians(20)).fullRad()), 11.8, 0.05);
        assertEquals(Math.toDegrees(Cone.quotedAtTenth(Math.toRadians(60)).fullRad()), 34.4, 0.05);
        Cone piston = Cone.ofPiston(1447.29, 200_000, 0.0214);
        assertEquals(Math.sin(piston.halfRad()), 0.5145 * 1447.29 / 200_000 / 0.0214, 1e-12);
        expectThrows(IllegalArgumentException.class, () -> Cone.ofPiston(1450, 50_000, 0.01));
        expectThrows(IllegalArgumentException.class, () -> new Cone(0));
    }

    /** By hand: 0.1 ms at 1500 m/s is 75 mm; a sweep of 50 kHz separates 15 mm. */
    @Test
    public void separationOfTwoTargets() {
        assertEquals(Separation.ofToneM(1500, 1e-4), 0.075, 1e-12);
        assertEquals(Separation.ofSweepM(1500, 50_000), 0.015, 1e-12);
    }

    /** Against two rays followed to the bottom in small steps; on 25° a cone of 20° covers 11 % more than on the flat. */
    @Test
    public void footprintOnASlope() {
        for (double angle : new double[] {10, 20, 40, 60}) {
            for (double slope : new double[] {0, 10, 25, 40}) {
                double[] down = met(angle / 2, slope);
                double[] up = met(-angle / 2, slope);
                double along = Math.hypot(down[0] - up[0], down[1] - up[1]);
                double told = degrees(angle).footprintM(3, Math.toRadians(slope));
                assertEquals(told, along, 2e-3 * along, angle + "° on " + slope + "°");
            }
        }
        double flat = degrees(20).footprintM(3);
        assertEquals(degrees(20).footprintM(3, Math.toRadians(25)) / flat, 1.11, 0.002);
        assertEquals(degrees(20).footprintM(3, 0), flat, 1e-12);
        assertEquals(
                degrees(170).footprintM(3, Math.toRadians(60)),
                10 * degrees(170).footprintM(3),
                1e-9,
                "never ends");
    }

    /** Where a ray so far off straight down meets a bottom that falls away so steeply, 3 m below. */
    private static double[] met(double offDeg, double slopeDeg) {
        double step = 1e-4;
        double x = 0;
        double depth = 0;
        while (depth < 3 + x * Math.tan(Math.toRadians(slopeDeg))) {
            x += step * Math.sin(Math.toRadians(offDeg));
            depth += step * Math.cos(Math.toRadians(offDeg));
        }
        return new double[] {x, depth};
    }
}
