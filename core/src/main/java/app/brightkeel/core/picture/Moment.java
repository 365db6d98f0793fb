package app.brightkeel.core.picture;

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

    /** How full the battery is. */
    public enum Charge {
        FULL,
        HALF,
        EMPTY,
        HOUR
    }

    public Moment {
        off = Set.copyOf(off);
    }
}
