package app.brightkeel.core.enclosure;

import java.util.ArrayList;
import java.util.List;

/**
 * One piece of foam beside what is in a box.
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

    /** The pieces that fill what is left round and between the things of a fit; none where they are too large. */
    public static List<Foam> round(Fit fit) {
        List<Foam> all = new ArrayList<>();
        Box box = fit.around();
        if (fit.leastGapM() < 0) {
            return all;
        }
        add(all, "fore and aft", box.wideM(), box.tallM(), fit.deepGapM() / 2, 2);
        add(all, "athwart", fit.room().deepM(), box.tallM(), fit.wideGapM() / 2, 2);
        add(all, "above", fit.room().deepM(), fit.room().wideM(), fit.tallGapM(), 1);
        fit.pieces().forEach(piece -> beside(all, piece));
        return all;
    }

    /** In its cell a thing stands in a corner: behind it, beside it and above it there may be room. */
    private static void beside(List<Foam> all, Fit.Piece piece) {
        Box thing = piece.turned();
        Box cell = piece.cell();
        add(all, "behind the " + piece.name(), thing.wideM(), thing.tallM(), cell.deepM() - thing.deepM(), 1);
        add(all, "beside the " + piece.name(), cell.deepM(), thing.tallM(), cell.wideM() - thing.wideM(), 1);
        add(all, "above the " + piece.name(), cell.deepM(), cell.wideM(), cell.tallM() - thing.tallM(), 1);
    }

    private static void add(List<Foam> all, String where, double one, double other, double gapM, int pieces) {
        if (gapM >= Fit.FOAM_FROM_M / pieces) {
            all.add(new Foam(where, Math.max(one, other), Math.min(one, other), gapM * PRESSED, pieces));
        }
    }
}
