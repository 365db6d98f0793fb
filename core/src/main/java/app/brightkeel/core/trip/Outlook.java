package app.brightkeel.core.trip;

import app.brightkeel.core.quantity.Text;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.List;

/**
 * What a battery is worth in its rig, in years to come: a range, no promise.
 *
 * @param capacity  from the first trip on, in order
 * @param ratedAh   by its label [Ah]
 * @param share     of it that is left after the last trip, with {@code shareLow} to {@code shareHigh}: P10 to P90
 * @param wantedH   of the planned day [h]
 * @param neededAh  least capacity with which the day is still met [Ah]; 0 where no capacity is enough
 * @param nextH     hours it gives a year after the last trip [h], with {@code nextLowH} to {@code nextHighH}: P10 to P90
 * @param shortFrom day from which the planned day is not met, as 2029-01-31, with {@code shortEarly} to
 *                  {@code shortLate}; "" beyond the years looked at
 * @param daysLow   days of use from the first trip to {@code shortEarly}, and {@code daysHigh} to {@code shortLate}
 * @param words     the same as a practitioner says it
 */
@RecordBuilder
public record Outlook(
        List<At> capacity,
        double ratedAh,
        double share,
        double shareLow,
        double shareHigh,
        double wantedH,
        double neededAh,
        double nextH,
        double nextLowH,
        double nextHighH,
        String shortFrom,
        String shortEarly,
        String shortLate,
        int daysLow,
        int daysHigh,
        List<Text> words)
        implements OutlookBuilder.With {

    /**
     * Capacity on a day, warm and at the rated current.
     *
     * @param year as a number with its part: 2026.5
     * @param ah   and {@code lowAh} to {@code highAh}: P10 to P90 [Ah]
     */
    public record At(String day, double year, double ah, double lowAh, double highAh) {}

    /** A day as a year with its part: 2026.5. */
    public static double year(LocalDate day) {
        return day.getYear() + (day.getDayOfYear() - 1) / (double) day.lengthOfYear();
    }

    public Outlook {
        capacity = List.copyOf(capacity);
        words = List.copyOf(words);
    }
}
