package app.brightkeel.core.rig;

/**
 * What a device draws. Displays and modules are switch-mode: the power is constant, so current rises as volts fall.
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

    /** Nothing is known: assumed from the table of typical draws. */
    record Undecided() implements Draw {
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
        public double wattsAt(double wanted, double packV) {
            double share = backlightShare.value();
            double full = amps.value() * volts.value() / dimmed(1, share, brightness.value());
            return dimmed(full, share, wanted);
        }
    }

    private static double dimmed(double fullW, double backlightShare, double brightness) {
        return fullW * (1 - backlightShare + backlightShare * brightness);
    }
}
