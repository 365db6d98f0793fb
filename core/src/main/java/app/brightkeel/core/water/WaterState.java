package app.brightkeel.core.water;

/**
 * The water as it is planned with.
 *
 * @param soundMs        mean speed of sound on the way down to the typical depth [m/s]
 * @param displaySoundMs what the display reckons with [m/s]
 * @param waterC         [°C]
 * @param salinity       [g/kg]
 */
public record WaterState(
        double leastM,
        double typicalM,
        double mostM,
        double soundMs,
        double displaySoundMs,
        double waterC,
        double salinity) {

    /** What the display makes of a true depth [m]: it times the echo and multiplies by its own speed. */
    public double shownM(double trueM) {
        return trueM * displaySoundMs / soundMs;
    }

    /** How far off the shown depth is, as a share of the true one; positive where it shows too deep. */
    public double error() {
        return displaySoundMs / soundMs - 1;
    }
}
