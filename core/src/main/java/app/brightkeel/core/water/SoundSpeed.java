package app.brightkeel.core.water;

/**
 * Speed of sound in water [m/s].
 *
 * <p>Fresh: W. Marczak, Water as a standard in the measurements of speed of sound in liquids, J. Acoust. Soc. Am. 102
 * (1997), fifth-order polynomial, 0-95 °C. Sea: K. V. Mackenzie, Nine-term equation for sound speed in the oceans, J.
 * Acoust. Soc. Am. 70 (1981), 2-30 °C, 25-40 g/kg. All else: H. Medwin, Speed of sound in water: a simple equation for
 * realistic parameters, J. Acoust. Soc. Am. 58 (1975), 0-35 °C, 0-45 g/kg; outside its range it is continued.
 *
 * @param waterC   [°C]
 * @param salinity [g/kg]
 * @param depthM   at which [m]
 */
public record SoundSpeed(double waterC, double salinity, double depthM) {

    /** Salinity below which water counts as fresh [g/kg]. */
    static final double FRESH_BELOW = 0.5;

    /** Which of the three was used. */
    public enum Formula {
        MARCZAK,
        MACKENZIE,
        MEDWIN
    }

    /** The one whose range fits. */
    public Formula formula() {
        if (salinity < FRESH_BELOW && waterC >= 0) {
            return Formula.MARCZAK;
        }
        boolean ocean = waterC >= 2 && waterC <= 30 && salinity >= 25 && salinity <= 40;
        return ocean ? Formula.MACKENZIE : Formula.MEDWIN;
    }

    /** [m/s]. */
    public double metresPerSecond() {
        return switch (formula()) {
            case MARCZAK -> marczak();
            case MACKENZIE -> mackenzie();
            case MEDWIN -> medwin();
        };
    }

    double marczak() {
        double t = waterC;
        return 1402.385
                + t * (5.038813 + t * (-5.799136e-2 + t * (3.287156e-4 + t * (-1.398845e-6 + t * 2.787860e-9))));
    }

    double mackenzie() {
        double t = waterC;
        double s = salinity - 35;
        double d = depthM;
        return 1448.96
                + 4.591 * t
                - 5.304e-2 * t * t
                + 2.374e-4 * t * t * t
                + 1.340 * s
                + 1.630e-2 * d
                + 1.675e-7 * d * d
                - 1.025e-2 * t * s
                - 7.139e-13 * t * d * d * d;
    }

    double medwin() {
        double t = waterC;
        return 1449.2
                + 4.6 * t
                - 0.055 * t * t
                + 0.00029 * t * t * t
                + (1.34 - 0.01 * t) * (salinity - 35)
                + 0.016 * depthM;
    }
}
