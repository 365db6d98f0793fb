package app.brightkeel.core.sonar;

import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.water.WaterState;
import java.util.List;

/**
 * What decides what is seen.
 *
 * @param underM of each transducer's face below the surface, in their order; 0 where it is not known yet
 */
public record SonarNeeds(List<Transducer> transducers, List<Double> underM, WaterState water) {

    public SonarNeeds {
        transducers = List.copyOf(transducers);
        underM = List.copyOf(underM);
    }
}
