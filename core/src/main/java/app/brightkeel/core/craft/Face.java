package app.brightkeel.core.craft;

import app.brightkeel.core.rig.MountKind;

/**
 * Where a transducer's face is.
 *
 * @param transducer id
 * @param xM         aft of the bow
 * @param yM         right of the centre line
 * @param zM         over the lowest line of the hull, negative below it; on ice over the surface
 * @param underM     below the water's surface; negative where it is dry
 * @param tiltRad    off level
 */
public record Face(
        String transducer, MountKind mount, double xM, double yM, double zM, double underM, double tiltRad) {}
