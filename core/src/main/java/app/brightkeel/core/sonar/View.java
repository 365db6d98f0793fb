package app.brightkeel.core.sonar;

/**
 * One beam as it is planned with.
 *
 * @param beam   its id
 * @param pulseM half the length of the pulse in the water, c/(2·B) [m]; 0 where the sweep is not known
 */
public record View(String beam, String name, Cone cone, double pulseM) {

    /** What the bottom's echo hides on a flat bottom so far below the face. */
    public DeadZone deadZone(double belowFaceM) {
        return new DeadZone(cone, belowFaceM, 0, pulseM);
    }
}
