package app.brightkeel.core.sonar;

/**
 * How much sound water swallows.
 *
 * <p>R. E. Francois and G. R. Garrison, Sound absorption based on ocean measurements, part II: boric acid contribution
 * and equation for total absorption, J. Acoust. Soc. Am. 72 (1982) 1879; 200 Hz to 1 MHz, −2 to 22 °C, 30 to 35 g/kg,
 * continued outside. At salinity 0 only the water's own part is left. Coefficients from memory.
 *
 * @param waterC   [°C]
 * @param salinity [g/kg]
 * @param depthM   at which [m]
 */
public record Absorption(double waterC, double salinity, double depthM) {

    /** Acidity that is reckoned with; the boric part alone depends on it. */
    private static final double PH = 8;

    private static final double KELVIN = 273;

    /** Decibels lost on one kilometre of one way, at a frequency [kHz]. */
    public double decibelPerKm(double kiloHertz) {
        return boric(kiloHertz) + magnesium(kiloHertz) + pure(kiloHertz);
    }

    /** The formula's own speed of sound [m/s]. */
    private double soundMs() {
        return 1412 + 3.21 * waterC + 1.19 * salinity + 0.0167 * depthM;
    }

    private double boric(double f) {
        double strength = 8.86 / soundMs() * Math.pow(10, 0.78 * PH - 5);
        double relaxes = 2.8 * Math.sqrt(salinity / 35) * Math.pow(10, 4 - 1245 / (KELVIN + waterC));
        return strength * relaxation(relaxes, f);
    }

    private double magnesium(double f) {
        double strength = 21.44 * salinity / soundMs() * (1 + 0.025 * waterC);
        double pressure = 1 - 1.37e-4 * depthM + 6.2e-9 * depthM * depthM;
        double relaxes = 8.17 * Math.pow(10, 8 - 1990 / (KELVIN + waterC)) / (1 + 0.0018 * (salinity - 35));
        return strength * pressure * relaxation(relaxes, f);
    }

    private static double relaxation(double relaxes, double f) {
        return relaxes == 0 ? 0 : relaxes * f * f / (relaxes * relaxes + f * f);
    }

    private double pure(double f) {
        double t = waterC;
        double strength = t <= 20
                ? 4.937e-4 + t * (-2.59e-5 + t * (9.11e-7 - 1.50e-8 * t))
                : 3.964e-4 + t * (-1.146e-5 + t * (1.45e-7 - 6.5e-10 * t));
        double pressure = 1 - 3.83e-5 * depthM + 4.9e-10 * depthM * depthM;
        return strength * pressure * f * f;
    }
}
