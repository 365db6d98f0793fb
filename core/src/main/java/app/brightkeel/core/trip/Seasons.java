package app.brightkeel.core.trip;

import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Season;
import java.time.LocalDate;

/**
 * How the years of a rig are counted: on ice by winters, which go over the turn of the year, else by seasons.
 *
 * @param word  of one of them
 * @param shift months by which its year ends before the calendar's
 */
record Seasons(String word, int shift, int first) {

    private static final int HALF_YEAR = 6;
    private static final String[] ORDINALS = {
        "first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth"
    };

    static Seasons of(Rig rig, LocalDate first) {
        boolean ice = rig.outing().water().season() == Season.ICE;
        int shift = ice ? HALF_YEAR : 0;
        return new Seasons(
                ice ? "winter" : "season", shift, first.plusMonths(shift).getYear());
    }

    /** Which of them a day belongs to: the third winter (2028/29), the third season (2028). */
    String of(String day) {
        int year = LocalDate.parse(day).plusMonths(shift).getYear();
        int place = year - first;
        String when = shift == 0 ? "" + year : (year - 1) + "/" + String.format("%02d", year % 100);
        return place < ORDINALS.length ? ORDINALS[place] + " " + word + " (" + when + ")" : word + " of " + when;
    }
}
