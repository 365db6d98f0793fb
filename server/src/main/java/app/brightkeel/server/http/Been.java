package app.brightkeel.server.http;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.time.Clock;
import java.time.LocalDate;

/** Days that something is told of: they have been. */
final class Been {

    private Been() {}

    /** East of here it may be tomorrow already. */
    static LocalDate latest(Clock clock) {
        return LocalDate.now(clock).plusDays(1);
    }

    /**
     * @param day as 2026-10-31, checked
     * @throws Refusal naming the day for one that is still to come
     */
    static void check(Clock clock, String day) {
        check(clock, "day", day);
    }

    /** The same of another field. */
    static void check(Clock clock, String field, String day) {
        LocalDate latest = latest(clock);
        if (LocalDate.parse(day).isAfter(latest)) {
            throw new Refusal(
                    RefusalCode.OUT_OF_RANGE, field, day, "a day that has been, " + latest + " at the latest");
        }
    }
}
