package app.brightkeel.core.rig;

/** How a device's current goes with its volts. */
public enum LoadModel {
    /** Switch-mode gear: fewer volts, more current. */
    POWER,
    /** A linear regulator: the same current at any volts. */
    CURRENT,
    /** A filament or heater: fewer volts, less current. */
    RESISTANCE;

    /**
     * Current at some volts [A].
     *
     * @param watts at the volts {@code atV}
     * @param volts positive [V]
     */
    public double amps(double watts, double atV, double volts) {
        return switch (this) {
            case POWER -> watts / volts;
            case CURRENT -> watts / atV;
            case RESISTANCE -> watts * volts / (atV * atV);
        };
    }
}
