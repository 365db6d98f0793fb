package app.brightkeel.core.craft;

import app.brightkeel.core.craft.Hull.Under;
import java.util.List;

/**
 * How a craft floats: the waterline at which weight and buoyancy are equal and stand over each other, and the heel by
 * {@code tan φ = Σ m·y / (Δ·GM)}, {@code GM = KB + BM − KG}, {@code BM = I/∇}; naval architecture texts, from memory.
 * That is good to about 10°; past it the heel is that of {@link Righting}.
 *
 * @param massKg    of everything
 * @param waterM    waterline over the lowest line, amidships [m]
 * @param slope     by which the waterline rises aft in the hull's own frame; positive is bow up
 * @param settled   whether there is such a waterline at all
 * @param kgM       centre of gravity over the lowest line
 * @param kbM       centre of buoyancy over the same
 * @param bmM       metacentre over the centre of buoyancy, athwart
 * @param bmAlongM  the same fore and aft
 * @param sideKgM   Σ m·y, positive to the right
 * @param middleM   half the length: where {@code waterM} is counted
 * @param freeM     deck over the water amidships; negative where it is under
 * @param heelRad   positive to the right; 0 where it is not steady, where it goes over the angle at which it does
 * @param goesOver  whether the water comes over the edge of the deck before it stands
 */
public record Afloat(
        double massKg,
        double waterM,
        double slope,
        boolean settled,
        double kgM,
        double kbM,
        double bmM,
        double bmAlongM,
        double sideKgM,
        double middleM,
        double freeM,
        double heelRad,
        boolean goesOver) {

    /** Least GM for which a heel is computed [m]: below it the paddler's balance decides. */
    public static final double LEAST_GM_M = 0.05;

    /** How far the formula holds. */
    private static final double SMALL_RAD = Math.toRadians(10);

    private static final int MOST_STEPS = 60;
    private static final double STEEPEST = 0.5;

    /** @param kilogramPerM3 of the water */
    static Afloat of(Hull hull, double lengthM, double depthM, List<MassAt> masses, double kilogramPerM3) {
        double mass = 0;
        double byX = 0;
        double byY = 0;
        double byZ = 0;
        for (MassAt each : masses) {
            mass += each.kg();
            byX += each.kg() * each.xM();
            byY += each.kg() * each.yM();
            byZ += each.kg() * each.zM();
        }
        double wanted = mass / kilogramPerM3;
        double gravityX = byX / mass;
        double gravityZ = byZ / mass;
        double water = depthM / 2;
        double slope = 0;
        boolean settled = false;
        Under under = hull.under(water, slope);
        for (int step = 0; step < MOST_STEPS && !settled; step++) {
            double rise = 0;
            double turn = 0;
            if (under.volumeM3() <= 0) {
                rise = depthM / 4;
            } else {
                // buoyancy stands over weight in the tilted frame: xB − xG = −slope · (zB − zG)
                double off = under.xM() - gravityX + slope * (under.zM() - gravityZ);
                double stiff = under.alongM4() / under.volumeM3() + under.zM() - gravityZ;
                turn = limited(-off / Math.max(stiff, 0.01), STEEPEST / 8);
                rise = (wanted - under.volumeM3()) / under.areaM2() - turn * (under.floatM() - lengthM / 2);
                rise = limited(rise, depthM / 3);
            }
            water += rise;
            slope = limited(slope + turn, STEEPEST);
            under = hull.under(water, slope);
            settled = Math.abs(under.volumeM3() - wanted) < 1e-7 * wanted
                    && Math.abs(under.xM() - gravityX + slope * (under.zM() - gravityZ)) < 1e-6 * lengthM;
        }
        Afloat upright = new Afloat(
                mass,
                water,
                slope,
                settled,
                gravityZ,
                under.zM(),
                under.volumeM3() <= 0 ? 0 : under.acrossM4() / under.volumeM3(),
                under.volumeM3() <= 0 ? 0 : under.alongM4() / under.volumeM3(),
                byY,
                lengthM / 2,
                depthM - water,
                0,
                false);
        return upright.settled && upright.steady() ? upright.heeled(hull, wanted) : upright;
    }

    /** Far over, the sections themselves are asked. */
    private Afloat heeled(Hull hull, double volumeM3) {
        double small = Math.atan(sideKgM / (massKg * gmM()));
        boolean near = Math.abs(small) <= SMALL_RAD && hull.edgeUnderM(waterM, slope, Math.tan(Math.abs(small))) < 0;
        if (near || freeM <= 0) {
            return withHeel(small, false);
        }
        Righting righting = Righting.of(hull, volumeM3, slope, Math.abs(sideKgM) / massKg, kgM);
        return withHeel(Math.signum(small) * righting.heelRad(), righting.goesOver());
    }

    private Afloat withHeel(double heel, boolean goes) {
        return new Afloat(massKg, waterM, slope, settled, kgM, kbM, bmM, bmAlongM, sideKgM, middleM, freeM, heel, goes);
    }

    private static double limited(double value, double most) {
        return Math.max(-most, Math.min(most, value));
    }

    /** Metacentre over the centre of gravity, athwart [m]. */
    public double gmM() {
        return kbM + bmM - kgM;
    }

    /** Whether it stands by itself well enough that its heel can be computed. */
    public boolean steady() {
        return gmM() > LEAST_GM_M;
    }

    /** Trim [rad], positive bow up. */
    public double trimRad() {
        return Math.atan(slope);
    }

    /** How far off level whatever is fixed to the hull stands [rad]. */
    public double tiltRad() {
        return Math.atan(Math.hypot(slope, Math.tan(heelRad)));
    }

    /** Waterline over the lowest line of the hull at a place [m]. */
    public double waterM(double xM, double yM) {
        return waterM + slope * (xM - middleM) + yM * Math.tan(heelRad);
    }
}
