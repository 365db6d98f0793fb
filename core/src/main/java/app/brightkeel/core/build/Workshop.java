package app.brightkeel.core.build;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;

/**
 * When and where a person builds.
 *
 * @param firstDay  from which work is done, as 2026-10-31
 * @param zone      of the clock on the wall, as Europe/Oslo
 * @param celsius   where things cure, {@link Cure#COLDEST_C} to {@link Cure#WARMEST_C} [°C]
 * @param eveningH  of work on a weekday's evening, 0 to 6 [h]
 * @param saturdayH of work on a Saturday, 0 to 12 [h]
 * @param sundayH   of work on a Sunday, 0 to 12 [h]
 */
public record Workshop(
        String firstDay, String zone, double celsius, double eveningH, double saturdayH, double sundayH) {

    private static final LocalTime EVENING = LocalTime.of(19, 0);
    private static final LocalTime MORNING = LocalTime.of(9, 30);

    /** @throws Refusal naming the field for a day or zone that there is not, hours out of range, or no hour in a whole week */
    public Workshop {
        Checks.day("firstDay", firstDay);
        try {
            ZoneId.of(zone);
        } catch (DateTimeException e) {
            throw new Refusal(RefusalCode.BAD_TEXT, "zone", zone, "a time zone such as Europe/Oslo");
        }
        Checks.within("celsius", celsius, Cure.COLDEST_C, Cure.WARMEST_C, "°C");
        Checks.within("eveningH", eveningH, 0, 6, "h");
        Checks.within("saturdayH", saturdayH, 0, 12, "h");
        Checks.within("sundayH", sundayH, 0, 12, "h");
        if (eveningH + saturdayH + sundayH < 0.25) {
            throw new Refusal(
                    RefusalCode.OUT_OF_RANGE,
                    "eveningH",
                    String.valueOf(eveningH),
                    "a quarter of an hour somewhere in the week");
        }
    }

    /** Two hours on evenings, five on Saturdays and Sundays, in a room at 18 °C; common practice, no source. */
    public static Workshop usual(String firstDay, String zone) {
        return new Workshop(firstDay, zone, 18, 2, 5, 5);
    }

    LocalDate first() {
        return LocalDate.parse(firstDay);
    }

    /** Hours of work on a day. */
    double hours(LocalDate day) {
        return switch (day.getDayOfWeek()) {
            case SATURDAY -> saturdayH;
            case SUNDAY -> sundayH;
            default -> eveningH;
        };
    }

    /** Whether one may go to the water on a day: by daylight, unless only evenings are free. */
    boolean byDay(LocalDate day) {
        return weekend(day) || saturdayH + sundayH == 0;
    }

    private static boolean weekend(LocalDate day) {
        return day.getDayOfWeek() == DayOfWeek.SATURDAY || day.getDayOfWeek() == DayOfWeek.SUNDAY;
    }

    /** When work of a day begins, by the clock on the wall. */
    ZonedDateTime begin(LocalDate day) {
        return day.atTime(weekend(day) ? MORNING : EVENING).atZone(ZoneId.of(zone));
    }
}
