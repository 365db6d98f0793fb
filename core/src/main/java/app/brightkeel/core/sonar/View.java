package app.brightkeel.core.sonar;

import app.brightkeel.core.rig.BeamShape;
import java.util.Optional;

/**
 * One beam as it is planned with.
 *
 * @param beam      its id
 * @param cone      its angle; of a fan the large one
 * @param acrossRad small angle of a fan; of a cone the same
 * @param pulseM    half the length of the pulse in the water, c/(2·B) [m]; 0 where the sweep is not known
 * @param reach     in this water; empty where its rating or band is not known
 */
public record View(
        String beam, String name, BeamShape shape, Cone cone, double acrossRad, double pulseM, Optional<Reach> reach) {

    /** What the bottom's echo hides so far below the face on a slope. */
    public DeadZone deadZone(double belowFaceM, double slopeRad) {
        return new DeadZone(cone, belowFaceM, slopeRad, pulseM);
    }

    /**
     * Height above the bottom that is hidden where most is: at the edge of a cone or line beam. Side and live fans are
     * made of many thin beams, each of which hides only its pulse.
     */
    public double hiddenM(double belowFaceM, double slopeRad) {
        return shape == BeamShape.CONE || shape == BeamShape.LINE
                ? deadZone(belowFaceM, slopeRad).downSlopeM()
                : pulseM;
    }

    /** How deep it reaches; without end where that is not known [m]. */
    double reachM() {
        return reach.map(Reach::leastM).orElse(Double.POSITIVE_INFINITY);
    }

    /** Half angle round straight down that must be free of everything [rad]. */
    public double halfRad() {
        return shape == BeamShape.LIVE ? acrossRad / 2 : cone.halfRad();
    }
}
