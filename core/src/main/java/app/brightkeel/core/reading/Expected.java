package app.brightkeel.core.reading;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;

/**
 * What a meter should say at one point.
 *
 * @param id      kind and subject: the same point of a changed rig keeps it
 * @param subject id of the part it is read at
 * @param title   what is read, and where
 * @param how     where the tips go, and what is switched on
 * @param nominal as planned [V, A, Ω]
 * @param low     of what is all right, and {@code high}: 19 of 20 sound rigs lie within
 * @param unit    in which it is shown
 */
public record Expected(
        String id,
        ReadingKind kind,
        String subject,
        Text title,
        Text how,
        double nominal,
        double low,
        double high,
        Unit unit) {

    /** Whether a reading lies where it should. */
    public boolean within(double value) {
        return value >= low && value <= high;
    }
}
