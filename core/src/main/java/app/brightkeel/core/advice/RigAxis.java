package app.brightkeel.core.advice;

import app.brightkeel.core.quantity.Worded;
import java.util.EnumSet;
import java.util.Set;

/**
 * One question of those that make up a rig, in the order in which a search decides them: what rules out most comes first, so
 * that what hangs on it is not gone through.
 */
public enum RigAxis implements Worded {
    DISPLAY("display"),
    TRANSDUCER("transducer"),
    PLACE("place of the display"),
    MOUNT("mount and its place"),
    CABLES("way of the transducer's lead"),
    HOLDER("what holds the display"),
    BANK("battery"),
    STOWAGE("place of the battery"),
    SCHOOL("how power is handed on"),
    BOX("box of the battery");

    static {
        TRANSDUCER.standsOn = EnumSet.of(DISPLAY);
        PLACE.standsOn = EnumSet.of(TRANSDUCER);
        MOUNT.standsOn = EnumSet.of(DISPLAY, TRANSDUCER, PLACE);
        CABLES.standsOn = EnumSet.of(DISPLAY, TRANSDUCER, PLACE, MOUNT);
        HOLDER.standsOn = EnumSet.of(DISPLAY, PLACE);
        STOWAGE.standsOn = EnumSet.of(PLACE);
        SCHOOL.standsOn = EnumSet.of(DISPLAY, PLACE, STOWAGE);
        BOX.standsOn = EnumSet.of(STOWAGE);
    }

    private final String words;
    private Set<RigAxis> standsOn = Set.of();

    RigAxis(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }

    /** The questions on whose answers it depends what an answer to this one changes. */
    Set<RigAxis> standsOn() {
        return standsOn;
    }
}
