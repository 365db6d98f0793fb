package app.brightkeel.core.reach;

import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Zone;

/**
 * Room that is needed while afloat, upright boxes in plan.
 *
 * @param zone   what for
 * @param foreM  its fore end aft of the bow, and {@code aftM} its aft end
 * @param leftM  its left edge right of the centre line, and {@code rightM} its right edge
 */
public record Area(Zone zone, double foreM, double aftM, double leftM, double rightM) {

    /** Of a room of the craft that is measured. */
    public static Area of(KeptRoom room) {
        double deep = room.longM().value() / 2;
        double wide = room.wideM().value() / 2;
        double x = room.fromBowM().value();
        double y = room.sideM().value();
        return new Area(room.use(), x - deep, x + deep, y - wide, y + wide);
    }

    /**
     * How far an upright box reaches into it: the lesser of both ways, 0 where it stays out.
     *
     * @param xM    its middle aft of the bow, and {@code yM} right of the centre line
     * @param deepM fore and aft, and {@code wideM} athwart
     */
    public double reachedInto(double xM, double yM, double deepM, double wideM) {
        double along = Math.min(aftM, xM + deepM / 2) - Math.max(foreM, xM - deepM / 2);
        double across = Math.min(rightM, yM + wideM / 2) - Math.max(leftM, yM - wideM / 2);
        return Math.max(0, Math.min(along, across));
    }

    boolean holds(double xM, double yM) {
        return xM >= foreM && xM <= aftM && yM >= leftM && yM <= rightM;
    }
}
