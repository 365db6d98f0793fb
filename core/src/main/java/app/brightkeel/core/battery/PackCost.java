package app.brightkeel.core.battery;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;

/** What the batteries of a rig cost over their life. */
public final class PackCost {

    /** Days of use in a year where nobody said; common practice, no source. */
    static final double DAYS_OUT = 20;

    private PackCost() {}

    /** Days of a year on which it goes out, as said or as is usual. */
    public static double daysOut(Rig rig) {
        Figure days = rig.outing().daysOut();
        return days.isSet() ? days.value() : DAYS_OUT;
    }

    /** What the packs cost for each year of their life: it ends by uses or by years, whichever is first. */
    public static double aYear(Rig rig) {
        double daysOut = daysOut(rig);
        double sum = 0;
        for (Pack pack : rig.harness().packs()) {
            if (pack.label().price().isSet() && pack.chemistry() != Chemistry.UNDECIDED) {
                Chemistry.Data data = pack.chemistry().data();
                sum += pack.label().price().value() / Math.min(data.lifeYears(), data.lifeCycles() / daysOut);
            }
        }
        return sum;
    }
}
