package app.brightkeel.core.battery;

import java.util.List;

/**
 * One run to its end.
 *
 * @param hours    from full to the end
 * @param device   place of the device that stopped, where the end is its minimum
 * @param givenAh  ampere-hours that left the packs
 * @param givenWh  energy that left their terminals
 * @param charge   left in the pack that ended it
 * @param points   of the curve, empty where none were asked for
 */
public record Run(
        double hours, End end, int device, double givenAh, double givenWh, double charge, List<CurvePoint> points) {}
