package app.brightkeel.core.sonar;

/** How far apart two targets must stand, one below the other, to be two marks [m]. */
public final class Separation {

    private Separation() {}

    /** A tone of a length [s]: {@code c·τ/2}; pulse-compression texts, from memory. */
    public static double ofToneM(double soundMs, double seconds) {
        return soundMs * seconds / 2;
    }

    /** A sweep over a bandwidth [Hz]: {@code c/(2·B)}; pulse-compression texts, from memory. */
    public static double ofSweepM(double soundMs, double bandwidthHertz) {
        return soundMs / (2 * bandwidthHertz);
    }
}
