package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;

/**
 * How a pack stands between trips.
 *
 * @param drainA    what is drawn with everything off, 0 to 5 [A]
 * @param chargedOn day it was last charged, as 2026-10-31; "" where not known
 */
@RecordBuilder
public record Keeping(Figure drainA, String chargedOn) implements KeepingBuilder.With {

    public static final Keeping UNKNOWN = new Keeping(Figure.UNSET, "");

    public Keeping {
        Figure.within("drainA", drainA, 0, 5, "A");
        if (!chargedOn.isEmpty()) {
            checkDay(chargedOn);
        }
    }

    private static void checkDay(String day) {
        try {
            LocalDate.parse(day);
        } catch (DateTimeParseException e) {
            throw new Refusal(RefusalCode.BAD_TEXT, "chargedOn", day, "a day such as 2026-10-31, or nothing");
        }
    }
}
