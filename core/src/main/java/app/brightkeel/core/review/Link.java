package app.brightkeel.core.review;

import java.util.Locale;

/**
 * The nine links of the line, in order, and the core package that answers for each: Water (water), Transducer (sonar),
 * Mount (mount, on craft), Cable (route), Screen (load), Wire (circuit), Fuse (protection), Battery (battery, on pack),
 * Carry (layout, enclosure). Packages come into being with their link.
 */
public enum Link {
    WATER,
    TRANSDUCER,
    MOUNT,
    CABLE,
    SCREEN,
    WIRE,
    FUSE,
    BATTERY,
    CARRY;

    /** Its name: {@code Battery}. */
    public String words() {
        return name().charAt(0) + name().substring(1).toLowerCase(Locale.ROOT);
    }
}
