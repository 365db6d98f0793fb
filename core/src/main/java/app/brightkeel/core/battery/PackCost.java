package app.brightkeel.core.battery;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import java.util.OptionalDouble;

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
        return rig.harness().packs().stream()
                .mapToDouble(pack -> aYear(rig, pack).orElse(0))
                .sum();
    }

    /** The same of one of them; empty where its price or its chemistry is not known. */
    public static OptionalDouble aYear(Rig rig, Pack pack) {
        if (!pack.label().price().isSet() || pack.chemistry() == Chemistry.UNDECIDED) {
            return OptionalDouble.empty();
        }
        Chemistry.Data data = pack.chemistry().data();
        return OptionalDouble.of(
                pack.label().price().value() / Math.min(data.lifeYears(), data.lifeCycles() / daysOut(rig)));
    }
}
