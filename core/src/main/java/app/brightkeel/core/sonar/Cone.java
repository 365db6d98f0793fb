package app.brightkeel.core.sonar;

/**
 * A round beam.
 *
 * @param fullRad full angle where the power has fallen to half (−3 dB), above 0 and below π
 */
public record Cone(double fullRad) {

    /** Argument at which the piston's pattern (2 J₁(x)/x)² is one half, over π. */
    static final double HALF_POWER = 0.5145;

    /** The same argument over that at one tenth: how much narrower a beam is at −3 dB than at −10 dB, in sines. */
    static final double HALF_OVER_TENTH = 0.5918;

    private static final double LONGEST = 10;

    public Cone {
        if (!(fullRad > 0 && fullRad < Math.PI)) {
            throw new IllegalArgumentException("no cone of " + fullRad + " rad");
        }
    }

    /** A beam whose angle is quoted where the power has fallen to a tenth (−10 dB), as many data sheets do. */
    public static Cone quotedAtTenth(double fullRad) {
        return new Cone(2 * Math.asin(HALF_OVER_TENTH * Math.sin(fullRad / 2)));
    }

    /**
     * The beam of a circular element: {@code sin(θ/2) = 0.5145 λ/D}.
     *
     * @throws IllegalArgumentException where the element is too small to have a half-power angle
     */
    public static Cone ofPiston(double soundMs, double hertz, double diameterM) {
        double sine = HALF_POWER * soundMs / hertz / diameterM;
        if (sine >= 1) {
            throw new IllegalArgumentException("an element of " + diameterM + " m has no half-power angle");
        }
        return new Cone(2 * Math.asin(sine));
    }

    /** Half of the angle [rad]. */
    public double halfRad() {
        return fullRad / 2;
    }

    /** Diameter of what it covers on a flat bottom [m]: {@code d = 2 h tan(θ/2)}. */
    public double footprintM(double belowFaceM) {
        return 2 * belowFaceM * Math.tan(halfRad());
    }

    /**
     * Length of what it covers up and down a slope, measured along it [m]: {@code d = 2 h tan(θ/2) / ((1 − tan²(θ/2) tan²β)
     * cos β)}, by the triangles of its two edges; where the lower edge runs off beside the slope, ten times what it is on
     * the flat.
     *
     * @param slopeRad β, 0 to less than π/2
     */
    public double footprintM(double belowFaceM, double slopeRad) {
        double steep = Math.tan(halfRad()) * Math.tan(slopeRad);
        double stretched = steep < 1 ? 1 / ((1 - steep * steep) * Math.cos(slopeRad)) : LONGEST;
        return footprintM(belowFaceM) * Math.min(LONGEST, stretched);
    }
}
