package app.brightkeel.core.battery;

import java.util.List;

/**
 * A moment of a run.
 *
 * @param hours  since the start
 * @param charge of the pack that empties first, 0..1
 * @param volts  at the device with the fewest
 * @param amps   that each source gives; negative where another charges it
 */
public record CurvePoint(double hours, double charge, double volts, List<Double> amps) {}
