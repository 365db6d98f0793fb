package app.brightkeel.core.craft;

import app.brightkeel.core.rig.MountKind;
import java.util.List;
import java.util.Optional;

/**
 * What decides where the faces are.
 *
 * @param hull    the craft and what is aboard; empty on ice
 * @param afloat  how it floats; empty on ice
 */
public record FaceNeeds(List<Held> held, Optional<FloatNeeds> hull, Optional<Afloat> afloat) {

    public FaceNeeds {
        held = List.copyOf(held);
    }

    /**
     * One transducer in its mount.
     *
     * @param belowM face below the hull at that place, on ice below the surface
     */
    public record Held(String transducer, MountKind mount, double xM, double yM, double belowM) {}
}
