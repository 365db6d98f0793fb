package app.brightkeel.core.sonar;

/**
 * How deep a beam reaches in the water it is used in: to where its echo has lost as much, both ways, as at its rated
 * depth in the water it is rated in.
 *
 * @param fishM   for a fish, a point: {@code 40·log r + 2·α·r} [m]
 * @param bottomM for keeping the bottom: {@code 20·log r + 2·α·r} [m]
 */
public record Reach(double fishM, double bottomM) {

    /** What rated depths are taken to be measured in: fresh water at 15 °C. */
    static final Absorption RATED_IN = new Absorption(15, 0, 10);

    /** Share of the reach that is planned with; common practice, no source. */
    public static final double PLANNED = 0.8;

    /** What a beam keeps of its rated depth through a hull; common practice, no source: 0.5 to 0.7. */
    public static final double THROUGH_HULL = 0.6;

    private static final double POINT_LOG = 40;
    private static final double BOTTOM_LOG = 20;
    private static final int STEPS = 60;

    /**
     * Of a beam.
     *
     * @param ratedM    in fresh water, above 0 [m]
     * @param kiloHertz middle of its band, above 0 [kHz]
     */
    public static Reach of(double ratedM, double kiloHertz, Absorption water) {
        double rated = RATED_IN.decibelPerKm(kiloHertz) / 1000;
        double here = water.decibelPerKm(kiloHertz) / 1000;
        return new Reach(equal(POINT_LOG, ratedM, rated, here), equal(BOTTOM_LOG, ratedM, rated, here));
    }

    /** The smaller of both [m]. */
    public double leastM() {
        return Math.min(fishM, bottomM);
    }

    /** What is planned with [m]. */
    public double plannedM() {
        return PLANNED * leastM();
    }

    /** Newton's steps from the rated depth: the loss grows with the range and bends down, so they cannot overshoot twice. */
    private static double equal(double spreading, double ratedM, double rated, double here) {
        double loss = spreading * Math.log10(ratedM) + 2 * rated * ratedM;
        double r = ratedM;
        for (int i = 0; i < STEPS; i++) {
            double off = spreading * Math.log10(r) + 2 * here * r - loss;
            double next = r - off / (spreading / Math.log(10) / r + 2 * here);
            double kept = next > 0 ? next : r / 2;
            if (Math.abs(kept - r) < 1e-9 * r) {
                return kept;
            }
            r = kept;
        }
        return r;
    }
}
