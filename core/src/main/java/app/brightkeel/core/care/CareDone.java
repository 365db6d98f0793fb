package app.brightkeel.core.care;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Figure;
import java.time.DateTimeException;
import java.time.LocalDate;

/**
 * Work that was done.
 *
 * @param task  id of it: charge-pack, contacts
 * @param day   as 2026-10-31
 * @param restV rest volts then, of a battery, 1 to 120 [V]
 */
public record CareDone(String task, String day, Figure restV) {

    /** @throws Refusal naming the field for a day that there is not, or volts that no battery has */
    public CareDone {
        Checks.id("task", task);
        try {
            LocalDate.parse(day);
        } catch (DateTimeException e) {
            throw new Refusal(
                    RefusalCode.BAD_TEXT, "day", Checks.cut(day, Checks.LONGEST_NAME), "a day such as 2026-10-31");
        }
        Figure.within("restV", restV, 1, 120, "V");
    }

    LocalDate date() {
        return LocalDate.parse(day);
    }
}
