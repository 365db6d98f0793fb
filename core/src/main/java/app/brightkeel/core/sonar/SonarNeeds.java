package app.brightkeel.core.sonar;

import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.water.WaterState;
import java.util.List;

/**
 * What decides what is seen.
 *
 * @param faces    of each transducer, in their order
 * @param slopeDeg of the steepest bottom that is fished
 */
public record SonarNeeds(List<Transducer> transducers, List<FaceAt> faces, WaterState water, double slopeDeg) {

    public SonarNeeds {
        transducers = List.copyOf(transducers);
        faces = List.copyOf(faces);
    }
}
