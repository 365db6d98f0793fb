package app.brightkeel.core.picture;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import java.util.Set;

/**
 * When, and with what switched on, a harness is looked at.
 *
 * @param charge   of the battery
 * @param hour     of the day, where the charge is that of an hour; not negative [h]
 * @param starting whether the device with the largest peak is just starting
 * @param off      ids of devices that are switched off; ids that the rig does not have change nothing
 */
public record Moment(Charge charge, double hour, boolean starting, Set<String> off) {

    /** Nearly empty, everything on: what the link is judged by. */
    public static final Moment JUDGED = new Moment(Charge.EMPTY, 0, false, Set.of());

    private static final double LONGEST_H = 10_000;

    /** How full the battery is. */
    public enum Charge {
        FULL,
        HALF,
        EMPTY,
        HOUR
    }

    /** @throws Refusal for an hour that is no hour of a day */
    public Moment {
        Checks.within("hour", hour, 0, LONGEST_H, "h");
        off = Set.copyOf(off);
    }
}
