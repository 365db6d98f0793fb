package app.brightkeel.core.pack;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.Curve;
import app.brightkeel.core.rig.LoadTest;
import app.brightkeel.core.rig.Pack;

/**
 * What a timed load test says of a pack: the ampere-hours drawn, against those that a new one gives between the same two
 * rest voltages at that current and temperature.
 *
 * @param share       of the rating that is left
 * @param low         the same with every reading at its worse end, and {@code high} at its better
 * @param drawnAh     by the test
 * @param chargeFrom  by the rest volts before
 * @param chargeTo    by the rest volts after; 0 where it ran out
 * @param rate        Peukert's factor at the test's current
 * @param cold        factor of the pack's temperature
 */
public record Health(
        double share,
        double low,
        double high,
        double drawnAh,
        double chargeFrom,
        double chargeTo,
        double rate,
        double cold) {

    /** A usual meter on volts; common practice, no source. */
    static final double METER_V = 0.005;

    /** A usual meter or label on amperes, and the clock. */
    static final double METER_A = 0.03;

    /** Charge between the two rests below which nothing is said: the flat part of the curve hides it. */
    private static final double LEAST_SPAN = 0.02;

    private static final double LEAST = 0.2;
    private static final double MOST = 1.1;

    /** @param pack filled, its test done, its chemistry and capacity known */
    public static Health of(Pack pack) {
        LoadTest test = pack.test();
        Chemistry.Data data = pack.chemistry().data();
        double amps = test.amps().value();
        double drawn = amps * test.hours().value();
        double rated = pack.capacityAh().value();
        double rate = PackModel.rateFactor(
                rated / pack.ratedHours().value(), pack.peukert().value(), amps);
        double cold = data.capacityAt(pack.tempC().value());
        double[] from = charges(pack, test.beforeV().value());
        double[] to = test.ranOut()
                ? new double[] {0, 0, 0}
                : charges(pack, test.afterV().value());
        double all = rated * rate * cold;
        double share = drawn / all / span(from[1], to[1]);
        // three readings that err on their own: their effects added in squares
        double wide = drawn * (1 + METER_A) / all / span(from[1], to[1]) - share;
        double first = drawn / all / span(from[0], to[1]) - share;
        double second = drawn / all / span(from[1], to[2]) - share;
        double up = Math.sqrt(wide * wide + first * first + second * second);
        double firstDown = share - drawn / all / span(from[2], to[1]);
        double secondDown = share - drawn / all / span(from[1], to[0]);
        double down = Math.sqrt(wide * wide + firstDown * firstDown + secondDown * secondDown);
        return new Health(within(share), within(share - down), within(share + up), drawn, from[1], to[1], rate, cold);
    }

    /** Charge by rest volts: at the low end of the meter, as read, at its high end. */
    private static double[] charges(Pack pack, double volts) {
        Curve curve = pack.chemistry().data().openCircuit();
        double block = volts / pack.blocks();
        return new double[] {
            charge(curve, block * (1 - METER_V)), charge(curve, block), charge(curve, block * (1 + METER_V))
        };
    }

    private static double charge(Curve curve, double volts) {
        return Math.max(0, Math.min(1, curve.where(volts)));
    }

    private static double span(double from, double to) {
        return Math.max(LEAST_SPAN, from - to);
    }

    private static double within(double share) {
        return Math.max(LEAST, Math.min(MOST, share));
    }

    /** Half the width of the band against the middle. */
    public double spread() {
        return (high - low) / 2 / share;
    }
}
