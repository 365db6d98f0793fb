package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What else stands on a pack, its box or its bill.
 *
 * @param nominalV   as labelled, 1 to 120 [V]
 * @param reserveMin reserve capacity: how long a lead pack gives 25 A, 1 to 2000 [min]
 * @param testedAtC  temperature at which its capacity was measured, −40 to 60 [°C]
 * @param maxChargeA most it may be charged with, 0.05 to 500 [A]
 * @param secondHand whether somebody else used it before
 * @param price      0 to 1 000 000, in the person's own money
 */
@RecordBuilder
public record PackLabel(
        Figure nominalV, Figure reserveMin, Figure testedAtC, Figure maxChargeA, Figure price, boolean secondHand)
        implements PackLabelBuilder.With {

    public static final PackLabel UNKNOWN =
            new PackLabel(Figure.UNSET, Figure.UNSET, Figure.UNSET, Figure.UNSET, Figure.UNSET, false);

    public PackLabel {
        Figure.within("nominalV", nominalV, 1, 120, "V");
        Figure.within("reserveMin", reserveMin, 1, 2000, "min");
        Figure.within("testedAtC", testedAtC, -40, 60, "°C");
        Figure.within("maxChargeA", maxChargeA, 0.05, 500, "A");
        Figure.within("price", price, 0, 1e6, "");
    }
}
