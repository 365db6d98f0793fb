package app.brightkeel.core.sonar;

/**
 * What the bottom's echo hides: it begins with the nearest piece of bottom in the beam, and whatever is as far away as
 * that or farther drowns in it. On a slope the nearest piece lies up-slope, so fish are hidden on the down-slope side.
 *
 * @param cone       the beam, straight down
 * @param belowFaceM bottom below the transducer's face, on the axis [m]
 * @param slopeRad   of the bottom, 0 to less than π/2
 * @param pulseM     half the length of the pulse in water, c·τ/2 [m]
 */
public record DeadZone(Cone cone, double belowFaceM, double slopeRad, double pulseM) {

    /** How far the nearest bottom in the beam is [m]. */
    public double nearestM() {
        double alpha = cone.halfRad();
        return slopeRad <= alpha
                ? belowFaceM * Math.cos(slopeRad)
                : belowFaceM * Math.cos(slopeRad) / Math.cos(slopeRad - alpha);
    }

    /** Height above the bottom that is hidden on the axis [m]. */
    public double onAxisM() {
        return belowFaceM - nearestM() + pulseM;
    }

    /** The same at the edge of the beam on the down-slope side, where most is hidden [m]. */
    public double downSlopeM() {
        return hiddenM(cone.halfRad());
    }

    /** The same at the edge on the up-slope side [m]. */
    public double upSlopeM() {
        return hiddenM(-cone.halfRad());
    }

    /** Whether the edge ray on the down-slope side meets the bottom at all. */
    public boolean edgeMeetsBottom() {
        return cone.halfRad() + slopeRad < Math.PI / 2;
    }

    /** @param off the axis, positive down-slope [rad] */
    private double hiddenM(double off) {
        return belowFaceM - (nearestM() - pulseM) * Math.cos(off + slopeRad) / Math.cos(slopeRad);
    }
}
