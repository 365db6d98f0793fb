package app.brightkeel.core.care;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.rig.Figure;
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
        Checks.day("day", day);
        Figure.within("restV", restV, 1, 120, "V");
    }

    LocalDate date() {
        return LocalDate.parse(day);
    }
}
