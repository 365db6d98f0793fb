package app.brightkeel.core.sonar;

/**
 * What the mount decides about what is seen.
 *
 * @param underM      face below the surface; 0 where it is not known yet [m]
 * @param tiltRad     off level; 0 where it is not known yet
 * @param throughHull whether it looks through a skin
 */
public record FaceAt(double underM, double tiltRad, boolean throughHull) {

    static final FaceAt UNKNOWN = new FaceAt(0, 0, false);
}
