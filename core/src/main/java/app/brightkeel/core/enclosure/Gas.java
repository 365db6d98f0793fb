package app.brightkeel.core.enclosure;

/** Hydrogen from a lead battery that is overcharged in a closed box. */
public final class Gas {

    /** Of hydrogen for each ampere-hour of overcharge and cell, at 0 °C and 1 atm: Faraday's laws [L]. */
    public static final double PER_AH_AND_CELL_L = 0.418;

    /** Lower explosive limit of hydrogen in air, share of volume; value from memory. */
    public static final double EXPLOSIVE = 0.04;

    private static final int CELLS_OF_12_V = 6;
    private static final double MINUTES = 60;

    private Gas() {}

    /**
     * Minutes until a closed box of so many litres reaches the limit.
     *
     * @param amps   of overcharge, above 0 [A]
     * @param blocks 12 V blocks in series
     */
    public static double minutes(double litres, double amps, int blocks) {
        return MINUTES * EXPLOSIVE * litres / (PER_AH_AND_CELL_L * CELLS_OF_12_V * blocks * amps);
    }
}
