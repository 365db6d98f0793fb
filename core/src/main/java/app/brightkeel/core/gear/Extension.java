package app.brightkeel.core.gear;

/**
 * A lead that goes between a transducer's own and the display.
 *
 * @param lengthM above 0 [m]
 */
public record Extension(String id, String name, double lengthM) {}
