package app.brightkeel.core.sonar;

import app.brightkeel.core.rig.Look;

/**
 * A live fan: tall in one plane, narrow across it.
 *
 * <p>Looking ahead it stands upright with its lower edge straight down; looking down its middle is straight down; laid
 * on its side the tall angle lies flat. A built-in tilt of the head turns it further ahead.
 *
 * @param tallRad   large angle, above 0 and below π
 * @param acrossRad small angle, above 0 and below π
 * @param tiltRad   built in, 0 to π/4
 */
public record Fan(double tallRad, double acrossRad, Look look, double tiltRad) {

    /** How far one casts ahead of the craft [m]; common practice, no source: 10 to 15. */
    public static final double CAST_M = 12;

    /** Middle of the fan, off straight down and ahead [rad]. */
    public double middleRad() {
        return switch (look) {
            case FORWARD -> tallRad / 2 + tiltRad;
            case ON_SIDE -> Math.PI / 2;
            case DOWN, UNDECIDED -> tiltRad;
        };
    }

    /** Edge that looks farther ahead, off straight down; past π/2 it looks up [rad]. */
    public double upperRad() {
        return middleRad() + upright() / 2;
    }

    /** The other edge; negative where it looks behind [rad]. */
    public double lowerRad() {
        return middleRad() - upright() / 2;
    }

    /** Angle in the upright plane: the tall one, unless it is laid on its side. */
    private double upright() {
        return look == Look.ON_SIDE ? acrossRad : tallRad;
    }

    /**
     * How wide the fan is across at a range [m]: {@code 2·R·tan(θ/2)}; laid on its side it spans an arc of that radius, and
     * its width is the chord, {@code 2·R·sin(θ/2)}: nothing is seen beyond the range.
     */
    public double acrossM(double rangeM) {
        return look == Look.ON_SIDE ? 2 * rangeM * Math.sin(tallRad / 2) : 2 * rangeM * Math.tan(acrossRad / 2);
    }

    /** How far off the point below the head its middle meets the bottom; infinite where it does not [m]. */
    public double aheadM(double belowFaceM) {
        return middleRad() < Math.PI / 2 ? belowFaceM * Math.tan(middleRad()) : Double.POSITIVE_INFINITY;
    }

    /** Range at which it is looked at: down to the bottom, or out to where one casts [m]. */
    public double rangeM(double belowFaceM) {
        return look == Look.FORWARD || look == Look.ON_SIDE ? CAST_M : belowFaceM / Math.cos(tiltRad);
    }
}
