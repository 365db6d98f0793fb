package app.brightkeel.core.battery;

/**
 * A moment of a run.
 *
 * @param hours  since the start
 * @param charge of the pack that empties first, 0..1
 * @param volts  at the device with the fewest
 */
public record CurvePoint(double hours, double charge, double volts) {}
