package app.brightkeel.core.craft;

import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.HullSection;
import java.util.List;

/**
 * What decides how a craft floats.
 *
 * @param kilogramPerM3 density of the water
 */
public record FloatNeeds(
        CraftKind kind,
        List<HullSection> sections,
        double lengthM,
        double beamM,
        double depthM,
        Aboard aboard,
        double kilogramPerM3) {

    Hull hull() {
        return new Hull(lengthM, beamM, depthM, HullShape.of(kind, sections));
    }
}
