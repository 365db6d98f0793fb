package app.brightkeel.core.protection;

import app.brightkeel.core.reference.WireTables;
import app.brightkeel.core.rig.Insulation;
import app.brightkeel.core.rig.Wire;

/**
 * Current a wire may carry for ever.
 *
 * <p>ABYC E-11 and ISO 10133 tables for air of 30 °C, corrected for bundles (3 conductors 0.7, 4-6 0.6, 7-24 0.5, 25
 * and more 0.4) and for other air by {@code √((T_ins − T) / (T_ins − 30))}.
 *
 * @param wire with a decided gauge
 * @param airC around it [°C]
 */
public record Ampacity(Wire wire, double airC) {

    private static final double TABLE_AIR_C = 30;

    /** Amperes it may carry [A], 0 where the air is as hot as the insulation stands. */
    public double amps() {
        WireTables.Size size = wire.gauge().size();
        double table = wire.insulation() == Insulation.C105 ? size.ampacity105A() : size.ampacity60A();
        return table * bundle() * air();
    }

    /** Factor for the bundle. */
    public double bundle() {
        int count = wire.bundled();
        if (count <= 2) {
            return 1;
        }
        if (count == 3) {
            return 0.7;
        }
        if (count <= 6) {
            return 0.6;
        }
        return count <= 24 ? 0.5 : 0.4;
    }

    /** Factor for the air; colder air is not credited. */
    public double air() {
        double insulation = wire.insulation().celsius();
        return Math.min(1, Math.sqrt(Math.max(0, insulation - airC) / (insulation - TABLE_AIR_C)));
    }
}
