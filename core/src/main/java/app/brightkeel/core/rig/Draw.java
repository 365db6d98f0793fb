package app.brightkeel.core.rig;

import app.brightkeel.core.reference.Chemistry;

/**
 * What a device draws. Displays and modules are switch-mode: the power is constant, so current rises as volts fall;
 * what is of another kind has a load model that says so.
 */
public sealed interface Draw {

    /** Most that anything portable draws here [W]. */
    double MOST_W = 500;

    /**
     * Power while switched on [W].
     *
     * @param brightness of the backlight, 0 to 1
     * @param packV      mean volts of the pack, used where only amperes are known
     */
    double wattsAt(double brightness, double packV);

    /** Whether it draws less where it is dimmed. */
    default boolean dims() {
        return wattsAt(0, 1) != wattsAt(1, 1);
    }

    /** The figure that its watts stand on most. */
    Figure main();

    /** Of a filled rig: whether nobody said it, and what such things usually draw stands in its place. */
    default boolean guessed() {
        return this instanceof Split split
                && split.baseW().isSet()
                && split.baseW().basis() == Figure.Basis.ASSUMED;
    }

    /** Whether a meter read it, so that the device has run before. */
    default boolean metered() {
        return this instanceof Metered || main().isSet() && main().basis() == Figure.Basis.MEASURED;
    }

    /** Nothing is known: assumed from the table of typical draws. */
    record Undecided() implements Draw {
        @Override
        public Figure main() {
            return Figure.UNSET;
        }

        @Override
        public double wattsAt(double brightness, double packV) {
            throw new IllegalStateException("an undecided draw has no watts: Assumptions.fill(rig) comes first");
        }
    }

    /** Base and backlight apart, each 0 to {@link #MOST_W} [W]. */
    record Split(Figure baseW, Figure backlightW) implements Draw {
        public Split {
            Figure.within("baseW", baseW, 0, MOST_W, "W");
            Figure.within("backlightW", backlightW, 0, MOST_W, "W");
        }

        @Override
        public Figure main() {
            return baseW;
        }

        @Override
        public double wattsAt(double brightness, double packV) {
            return baseW.value() + backlightW.value() * brightness;
        }
    }

    /**
     * Amperes off a label, everything on, taken at the pack's own mean volts.
     *
     * @param amps           0 to 60 [A]
     * @param backlightShare share of that which the backlight takes, 0 to 0.95
     */
    record Amps(Figure amps, Figure backlightShare) implements Draw {
        public Amps {
            Figure.within("amps", amps, 0, 60, "A");
            Figure.within("backlightShare", backlightShare, 0, 0.95, "(share of full)");
        }

        @Override
        public Figure main() {
            return amps;
        }

        @Override
        public double wattsAt(double brightness, double packV) {
            return dimmed(amps.value() * packV, backlightShare.value(), brightness);
        }
    }

    /**
     * A reading with its conditions: a metered draw names its brightness and volts.
     *
     * @param amps           0 to 60 [A]
     * @param volts          at the meter, 3 to 60 [V]
     * @param brightness     while it was read, 0 to 1
     * @param backlightShare share of the full draw that the backlight takes, 0 to 0.95
     */
    record Metered(Figure amps, Figure volts, Figure brightness, Figure backlightShare) implements Draw {
        public Metered {
            Figure.within("amps", amps, 0, 60, "A");
            Figure.within("volts", volts, 3, 60, "V");
            Figure.within("brightness", brightness, 0, 1, "(share of full)");
            Figure.within("backlightShare", backlightShare, 0, 0.95, "(share of full)");
        }

        @Override
        public Figure main() {
            return amps;
        }

        @Override
        public double wattsAt(double wanted, double packV) {
            double share = backlightShare.value();
            double full = amps.value() * volts.value() / dimmed(1, share, brightness.value());
            return dimmed(full, share, wanted);
        }
    }

    /**
     * "Ran so many hours on this pack": mean amperes and watts follow, with the conditions they were found at.
     *
     * @param hours          from full until it stopped, 0.05 to 500 [h]
     * @param chemistry      of that pack, decided
     * @param capacityAh     of that pack as rated, 0.1 to 1000 [Ah]
     * @param tempC          of that pack, −40 to 60 [°C]
     * @param brightness     meanwhile, 0 to 1
     * @param backlightShare share of the full draw that the backlight takes, 0 to 0.95
     */
    record Ran(
            Figure hours,
            Chemistry chemistry,
            Figure capacityAh,
            Figure tempC,
            Figure brightness,
            Figure backlightShare)
            implements Draw {
        public Ran {
            Figure.within("hours", hours, 0.05, 500, "h");
            Figure.within("capacityAh", capacityAh, 0.1, 1000, "Ah");
            Figure.within("tempC", tempC, -40, 60, "°C");
            Figure.within("brightness", brightness, 0, 1, "(share of full)");
            Figure.within("backlightShare", backlightShare, 0, 0.95, "(share of full)");
        }

        /** Whether all is there that is never assumed. */
        boolean told() {
            return hours.isSet() && capacityAh.isSet() && chemistry != Chemistry.UNDECIDED;
        }

        /** Mean current while it ran [A]. */
        public double amps() {
            return capacityAh.value() * chemistry.data().capacityAt(tempC.value()) / hours.value();
        }

        /** Mean volts while it ran [V]. */
        public double volts() {
            return chemistry.data().openCircuit().mean(0, 1);
        }

        @Override
        public Figure main() {
            return hours;
        }

        @Override
        public double wattsAt(double wanted, double packV) {
            double share = backlightShare.value();
            double full = amps() * volts() / dimmed(1, share, brightness.value());
            return dimmed(full, share, wanted);
        }
    }

    /**
     * Fed over the low-rate bus, in its load units of 50 mA (the standard of that bus, from memory).
     *
     * @param units 0 to 50
     */
    record Bus(Figure units) implements Draw {
        /** What one load unit stands for [A]. */
        public static final double UNIT_A = 0.05;

        public Bus {
            Figure.within("units", units, 0, 50, "load units");
        }

        @Override
        public Figure main() {
            return units;
        }

        @Override
        public double wattsAt(double brightness, double packV) {
            return units.value() * UNIT_A * packV;
        }
    }

    /**
     * The same current at any volts, as behind a linear regulator: a lamp strip, a string of diodes.
     *
     * @param amps 0 to 60 [A]
     */
    record Steady(Figure amps) implements Draw {
        public Steady {
            Figure.within("amps", amps, 0, 60, "A");
        }

        @Override
        public Figure main() {
            return amps;
        }

        @Override
        public double wattsAt(double brightness, double packV) {
            return amps.value() * packV;
        }
    }

    /**
     * A filament or heater, by its label.
     *
     * @param watts at the volts of the label, 0 to {@link #MOST_W} [W]
     * @param volts of the label, 3 to 60 [V]
     */
    record Resistive(Figure watts, Figure volts) implements Draw {
        public Resistive {
            Figure.within("watts", watts, 0, MOST_W, "W");
            Figure.within("volts", volts, 3, 60, "V");
        }

        @Override
        public Figure main() {
            return watts;
        }

        @Override
        public double wattsAt(double brightness, double packV) {
            return LoadModel.RESISTANCE.amps(watts.value(), volts.value(), packV) * packV;
        }
    }

    /** Whether its watts follow from the pack's volts. */
    default boolean byPackVolts() {
        return this instanceof Amps || this instanceof Bus || loadModel() != LoadModel.POWER;
    }

    /** How its current goes with the volts, where no converter stands between. */
    default LoadModel loadModel() {
        if (this instanceof Steady) {
            return LoadModel.CURRENT;
        }
        return this instanceof Resistive ? LoadModel.RESISTANCE : LoadModel.POWER;
    }

    private static double dimmed(double fullW, double backlightShare, double brightness) {
        return fullW * (1 - backlightShare + backlightShare * brightness);
    }
}
