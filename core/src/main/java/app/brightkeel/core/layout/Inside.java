package app.brightkeel.core.layout;

import app.brightkeel.core.craft.Aboard;
import app.brightkeel.core.craft.MassAt;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Spot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What stands on a base on the ice, each battery as far out as it really fits inside: the middle of a thick one cannot
 * stand at the wall, wherever its place is marked.
 */
final class Inside {

    private Inside() {}

    /** Masses of a rig's own parts; a battery of unknown size stands where its place is. */
    static List<MassAt> of(Rig rig) {
        Map<String, Size> sizes = new HashMap<>();
        for (Pack pack : rig.harness().packs()) {
            boolean inside = rig.craft()
                    .station(rig.stationOf(pack.id()))
                    .filter(station -> station.spot() == Spot.INSIDE_BOX)
                    .isPresent();
            if (inside && pack.size().known()) {
                sizes.put(pack.name(), pack.size());
            }
        }
        List<MassAt> all = new ArrayList<>();
        for (MassAt each : Aboard.standing(rig).masses()) {
            Size size = sizes.get(each.what());
            all.add(size == null ? each : held(each, size, rig.craft()));
        }
        return all;
    }

    private static MassAt held(MassAt mass, Size size, Craft craft) {
        double length = craft.lengthM().value();
        double x = within(mass.xM() - length / 2, (length - size.deepM().value()) / 2);
        double y = within(mass.yM(), (craft.beamM().value() - size.wideM().value()) / 2);
        return new MassAt(mass.what(), mass.kg(), length / 2 + x, y, mass.zM());
    }

    private static double within(double value, double room) {
        double most = Math.max(0, room);
        return Math.max(-most, Math.min(most, value));
    }
}
