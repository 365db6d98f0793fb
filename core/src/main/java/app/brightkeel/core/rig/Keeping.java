package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a pack stands between trips.
 *
 * @param drainA    what is drawn with everything off, 0 to 5 [A]
 * @param chargedOn day it was last charged, as 2026-10-31; "" where not known
 * @param restsFrom day it is laid up, and {@code restsTo} the day it is wanted again; "" where that is open
 * @param storedC   warmest of the store meanwhile, −40 to 70 [°C]
 */
@RecordBuilder
public record Keeping(Figure drainA, String chargedOn, String restsFrom, String restsTo, Figure storedC)
        implements KeepingBuilder.With {

    public static final Keeping UNKNOWN = new Keeping(Figure.UNSET, "");

    /** That is not laid up. */
    public Keeping(Figure drainA, String chargedOn) {
        this(drainA, chargedOn, "", "", Figure.UNSET);
    }

    public Keeping {
        Figure.within("drainA", drainA, 0, 5, "A");
        checkDay("chargedOn", chargedOn);
        checkDay("restsFrom", restsFrom);
        checkDay("restsTo", restsTo);
        Figure.within("storedC", storedC, -40, 70, "°C");
        if (!restsFrom.isEmpty() && !restsTo.isEmpty() && restsTo.compareTo(restsFrom) <= 0) {
            throw new Refusal(RefusalCode.OUT_OF_RANGE, "restsTo", restsTo, "a day after " + restsFrom);
        }
    }

    /** Whether both days of its lay-up are known. */
    public boolean laidUp() {
        return !restsFrom.isEmpty() && !restsTo.isEmpty();
    }

    private static void checkDay(String field, String day) {
        if (day.isEmpty()) {
            return;
        }
        Checks.day(field, day, "a day such as 2026-10-31, or nothing");
    }
}
