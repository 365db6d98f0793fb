package app.brightkeel.core.pack;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.Curve;
import app.brightkeel.core.reference.Table;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A pack on its day, with cold, age and rate as factors on its capacity.
 *
 * <p>Peukert, after D. Linden and T. Reddy, <em>Handbook of Batteries</em>: {@code t = H (C / (I H))^k}, here as a
 * factor on capacity {@code (C / (I H))^(k-1)}, capped at 1 for currents under C / H. It covers capacity; the inner
 * resistance covers voltage, so that the rate is not counted twice.
 *
 * @param chemistry      decided
 * @param blocks         12 V blocks in series
 * @param ratedAh        capacity as rated
 * @param ratedHours     over which that was rated
 * @param peukert        exponent
 * @param ageFactor      share of the rating that is left
 * @param coldFactor     capacity at the pack's temperature against that its capacity holds for
 * @param depth          share of the charge that may be used
 * @param cellsOhm       at 25 °C and charged
 * @param coldResistance growth of cellsOhm at the pack's temperature
 * @param electronicsOhm which cold and charge leave alone
 * @param startCharge    at the start of the day, 0 to 1
 */
@RecordBuilder
public record PackModel(
        String id,
        Chemistry chemistry,
        int blocks,
        double ratedAh,
        double ratedHours,
        double peukert,
        double ageFactor,
        double coldFactor,
        double depth,
        double cellsOhm,
        double coldResistance,
        double electronicsOhm,
        double startCharge)
        implements PackModelBuilder.With {

    /** One that starts the day full. */
    public PackModel(
            String id,
            Chemistry chemistry,
            int blocks,
            double ratedAh,
            double ratedHours,
            double peukert,
            double ageFactor,
            double coldFactor,
            double depth,
            double cellsOhm,
            double coldResistance,
            double electronicsOhm) {
        this(
                id,
                chemistry,
                blocks,
                ratedAh,
                ratedHours,
                peukert,
                ageFactor,
                coldFactor,
                depth,
                cellsOhm,
                coldResistance,
                electronicsOhm,
                1);
    }

    private static final Curve RESISTANCE_BY_CHARGE =
            Table.read(Chemistry.class, "resistance-by-charge.csv").curve("charge", "factor");

    /** Capacity on the day at the rated current [Ah]. */
    public double availableAh() {
        return ratedAh * ageFactor * coldFactor;
    }

    /** Capacity at the rated current and at home, whatever the day is like [Ah]: what a charge puts back. */
    public double agedAh() {
        return ratedAh * ageFactor;
    }

    /** Peukert's factor on capacity at a current [A], at most 1. */
    public double rateFactor(double amps) {
        return rateFactor(ratedAh / ratedHours, peukert, amps);
    }

    /** The same for a rated current [A] and an exponent. */
    static double rateFactor(double ratedAmps, double peukert, double amps) {
        return amps <= ratedAmps ? 1 : Math.pow(ratedAmps / amps, peukert - 1);
    }

    /** Rest volts at a charge 0..1. */
    public double restVolts(double charge) {
        return chemistry.data().openCircuit().at(charge) * blocks;
    }

    /** Inner resistance at a charge 0..1 [Ω]. */
    public double ohm(double charge) {
        return cellsOhm * coldResistance * RESISTANCE_BY_CHARGE.at(charge) + electronicsOhm;
    }

    /** Resistance of warm, charged cells alone [Ω]: what limits a short circuit if electronics fail closed. */
    public double leastOhm() {
        return cellsOhm;
    }

    /** Charge at which the chosen depth ends. */
    public double emptyCharge() {
        return 1 - depth;
    }

    /** Rest volts averaged over the charge that is used. */
    public double meanVolts() {
        return chemistry.data().openCircuit().mean(emptyCharge(), 1) * blocks;
    }

    /** Volts under load at which its electronics cut off, or a lead pack counts as empty. */
    public double cutOffVolts() {
        return chemistry.data().cutOffV() * blocks;
    }

    /** This pack with another share of its capacity, for spreads and for a look at the end of its life. */
    public PackModel aged(double factor) {
        return withAgeFactor(factor);
    }

    /** This pack used to another depth. */
    public PackModel usedTo(double otherDepth) {
        return withDepth(otherDepth);
    }

    /** This pack with its cells' resistance multiplied. */
    public PackModel stiffened(double factor) {
        return withCellsOhm(cellsOhm * factor);
    }

    /** This pack as large as another of its kind: resistance falls as capacity grows. */
    public PackModel sized(double ah) {
        return with(other -> other.ratedAh(ah).cellsOhm(cellsOhm * ratedAh / ah));
    }
}
