package app.brightkeel.core.protection;

import app.brightkeel.core.rig.Insulation;
import app.brightkeel.core.rig.Wire;

/**
 * Heat that a copper wire stands while a fuse clears a short, none of it leaving the wire: {@code I²t ≤ k²S²}, up to 5 s
 * (IEC 60364-4-43, 434.5.2; the constant by its annex A: {@code k = 226 √(ln((234.5 + θf) / (234.5 + θi)))}, from memory).
 *
 * @param wire with a decided gauge
 */
public record Adiabatic(Wire wire) {

    /** Longest time for which no heat is taken to leave the wire [s]. */
    public static final double LONGEST_S = 5;

    private static final double COPPER = 226;
    private static final double COPPER_C = 234.5;

    /** Where PVC goes soft [°C]. */
    private static final double FINAL_C = 160;

    /** A wire of the lower class is taken to be as hot as PVC stands for ever [°C]. */
    private static final double LEAST_INITIAL_C = 70;

    /** Constant of wire and insulation, the wire as hot as its insulation stands for ever [A·√s/mm²]. */
    public double k() {
        return k(initialC(wire.insulation()), FINAL_C);
    }

    /**
     * @param initialC as the short begins [°C]
     * @param finalC   that the insulation stands for a moment [°C]
     */
    public static double k(double initialC, double finalC) {
        return COPPER * Math.sqrt(Math.log((COPPER_C + finalC) / (COPPER_C + initialC)));
    }

    private static double initialC(Insulation insulation) {
        return Math.max(LEAST_INITIAL_C, insulation.celsius());
    }

    /** What it stands [A²s]. */
    public double withstandA2s() {
        double stands = k() * wire.gauge().size().areaMm2();
        return stands * stands;
    }

    /** How long it stands a current [s]. */
    public double seconds(double amps) {
        return withstandA2s() / (amps * amps);
    }
}
