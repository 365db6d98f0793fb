package app.brightkeel.core.trip;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Figure;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.List;

/**
 * A day on the water as it was, of one battery.
 *
 * @param day      as 2026-10-31
 * @param legs     in order, 24 hours in all at most
 * @param packC    of the battery, −40 to 60 [°C]
 * @param charged  whether it was charged full before
 * @param beforeV  rest volts before, 1 to 120 [V]; wanted where it was not charged
 * @param afterV   rest volts an hour after, 1 to 120 [V]
 * @param countedAh drawn by a counter, 0.01 to 2000 [Ah]
 * @param troubles what went wrong, by link, twelve at most
 * @param note     in the person's own words, up to 1000 characters; "" where there is none
 * @param ranOut   whether the rig stopped by itself at the end of the legs
 */
@RecordBuilder
public record Trip(
        String id,
        String day,
        List<Leg> legs,
        double packC,
        boolean charged,
        Figure beforeV,
        Figure afterV,
        Figure countedAh,
        boolean ranOut,
        List<Trouble> troubles,
        String note)
        implements TripBuilder.With {

    /** Longest note [characters]. */
    public static final int LONGEST_NOTE = 1000;

    private static final int MOST_TROUBLES = 12;
    private static final int MOST_LEGS = 24;
    private static final double LONGEST_H = 24;

    /** @throws Refusal naming the field for a day that there is not, no legs, more hours than a day has */
    public Trip {
        Checks.id("id", id);
        Checks.day("day", day);
        legs = Checks.atMost("legs", MOST_LEGS, legs);
        if (legs.isEmpty()) {
            throw new Refusal(RefusalCode.ABSENT, "legs", "", "one at least, with its hours");
        }
        troubles = Checks.atMost("troubles", MOST_TROUBLES, troubles);
        if (note.length() > LONGEST_NOTE) {
            throw new Refusal(
                    RefusalCode.BAD_TEXT, "note", Checks.cut(note, 40), "at most " + LONGEST_NOTE + " characters");
        }
        Checks.sound("note", note);
        Checks.within("hours", hours(legs), 0, LONGEST_H, "h in one day");
        Checks.within("packC", packC, -40, 60, "°C");
        Figure.within("beforeV", beforeV, 1, 120, "V");
        Figure.within("afterV", afterV, 1, 120, "V");
        Figure.within("countedAh", countedAh, 0.01, 2000, "Ah");
    }

    /** All of it [h]. */
    public double hours() {
        return hours(legs);
    }

    private static double hours(List<Leg> legs) {
        return legs.stream().mapToDouble(Leg::hours).sum();
    }

    LocalDate date() {
        return LocalDate.parse(day);
    }

    /** Whether it says how full the battery was before. */
    boolean begins() {
        return charged || beforeV.isSet();
    }
}
