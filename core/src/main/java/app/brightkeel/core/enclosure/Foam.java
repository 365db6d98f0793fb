package app.brightkeel.core.enclosure;

import java.util.ArrayList;
import java.util.List;

/**
 * One piece of foam beside a battery.
 *
 * @param where   it goes
 * @param longM   its larger side [m]
 * @param wideM   its smaller side [m]
 * @param thickM  uncompressed [m]
 * @param pieces  of the same
 */
public record Foam(String where, double longM, double wideM, double thickM, int pieces) {

    /** It is cut so much thicker than its gap, and holds by being pressed: 10 to 20 %, common practice, no source. */
    public static final double PRESSED = 1.15;

    /** The pieces that fill what is left round a fit; none where it is too tight or too large. */
    public static List<Foam> round(Fit fit) {
        List<Foam> all = new ArrayList<>();
        Box box = fit.turned();
        if (fit.leastGapM() < 0) {
            return all;
        }
        add(all, "fore and aft", box.wideM(), box.tallM(), fit.deepGapM() / 2, 2);
        add(all, "athwart", fit.room().deepM(), box.tallM(), fit.wideGapM() / 2, 2);
        add(all, "above", fit.room().deepM(), fit.room().wideM(), fit.tallGapM(), 1);
        return all;
    }

    private static void add(List<Foam> all, String where, double one, double other, double gapM, int pieces) {
        if (gapM * pieces >= Fit.FOAM_FROM_M) {
            all.add(new Foam(where, Math.max(one, other), Math.min(one, other), gapM * PRESSED, pieces));
        }
    }
}
