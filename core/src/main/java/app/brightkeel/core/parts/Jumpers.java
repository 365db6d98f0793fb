package app.brightkeel.core.parts;

import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;

/** Short wires between batteries in series. */
final class Jumpers {

    private Jumpers() {}

    /** As thick as the thickest lead that leaves the string it stands in; 0 where none does or its gauge is open [mm²]. */
    static double areaMm2(Rig rig, Pack upper) {
        String bottom = upper.id();
        for (Pack at = upper; !at.onTopOf().isEmpty(); at = rig.harness().pack(at.onTopOf())) {
            bottom = at.onTopOf();
        }
        double area = 0;
        for (Segment segment : rig.harness().from(bottom)) {
            area = Math.max(area, Known.areaMm2(segment));
        }
        return area;
    }
}
