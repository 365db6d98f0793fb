package app.brightkeel.core.circuit;

import app.brightkeel.core.reference.WireTables;
import java.util.Optional;

/**
 * Copper wanted for an allowed drop: {@code CM = 10.75·I·L/E} in circular mils, amperes, round-trip feet and volts (ABYC
 * E-11); 10.75 stands for plain copper near 29 °C.
 *
 * @param amps       [A]
 * @param roundTripM there and back [m]
 * @param allowedV   that may be lost, positive [V]
 */
public record DropFormula(double amps, double roundTripM, double allowedV) {

    private static final double ABYC_E11 = 10.75;
    private static final double FOOT_M = 0.3048;
    private static final double MM2_PER_CIRCULAR_MIL = Math.PI / 4 * 0.0254 * 0.0254;

    /** A gauge that misses by so little counts: the printed table takes 1.45 % too little as enough. */
    private static final double TABLE_ROUNDS = 0.985;

    /** Copper wanted [mm²]. */
    public double areaMm2() {
        return ABYC_E11 * amps * roundTripM / FOOT_M / allowedV * MM2_PER_CIRCULAR_MIL;
    }

    /** The thinnest gauge with so much, if there is one. */
    public Optional<WireTables.Size> smallestAwg() {
        return WireTables.awg().stream()
                .filter(size -> size.areaMm2() >= areaMm2() * TABLE_ROUNDS)
                .findFirst();
    }
}
