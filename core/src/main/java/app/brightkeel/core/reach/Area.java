package app.brightkeel.core.reach;

import app.brightkeel.core.rig.Zone;

/**
 * Room that is needed while afloat, upright boxes in plan.
 *
 * @param zone   what for
 * @param foreM  its fore end aft of the bow, and {@code aftM} its aft end
 * @param leftM  its left edge right of the centre line, and {@code rightM} its right edge
 */
public record Area(Zone zone, double foreM, double aftM, double leftM, double rightM) {

    boolean holds(double xM, double yM) {
        return xM >= foreM && xM <= aftM && yM >= leftM && yM <= rightM;
    }
}
