package app.brightkeel.core.craft;

/** A mass [kg] and where it sits: x aft of the bow, y right of the centre line, z over the lowest line [m]. */
public record MassAt(String what, double kg, double xM, double yM, double zM) {}
