package app.brightkeel.core.layout;

import app.brightkeel.core.craft.MassAt;
import java.util.List;

/**
 * Where a swinging handle belongs: its middle over the centre of mass, its axis along the line of the heavy parts, or
 * the load swings it round.
 *
 * @param xM       middle, from the front edge [m]
 * @param yM       middle, right of the centre line [m]
 * @param alongRad axis from fore and aft towards the right, −π/2 to π/2 [rad]
 */
public record HandleLine(double xM, double yM, double alongRad) {

    /** Of masses, at least one: the axis of least inertia in plan. */
    public static HandleLine of(List<MassAt> masses) {
        double kg = masses.stream().mapToDouble(MassAt::kg).sum();
        double x = masses.stream().mapToDouble(m -> m.kg() * m.xM()).sum() / kg;
        double y = masses.stream().mapToDouble(m -> m.kg() * m.yM()).sum() / kg;
        double xx = 0;
        double yy = 0;
        double xy = 0;
        for (MassAt each : masses) {
            double dx = each.xM() - x;
            double dy = each.yM() - y;
            xx += each.kg() * dx * dx;
            yy += each.kg() * dy * dy;
            xy += each.kg() * dx * dy;
        }
        return new HandleLine(x, y, Math.atan2(2 * xy, xx - yy) / 2);
    }
}
