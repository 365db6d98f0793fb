package app.brightkeel.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What has to have one line to the craft: whatever clamps, swings or lifts out over water. */
public final class Tethers {

    /** Places over the water's edge, from which a box goes overboard. */
    private static final Set<Spot> AT_THE_EDGE = Set.of(Spot.TRANSOM, Spot.RAIL, Spot.BESIDE_SEAT, Spot.ON_ARM);

    private Tethers() {}

    /** Whether a transducer's mount can come loose and be lost. */
    public static boolean wanted(Rig rig, Transducer transducer) {
        return !rig.craft().kind().onIce() && transducer.mount().kind().losable();
    }

    /** Whether a box stands where it goes overboard. */
    public static boolean wanted(Rig rig, Enclosure box) {
        return !rig.craft().kind().onIce()
                && rig.craft()
                        .station(box.station())
                        .filter(station -> AT_THE_EDGE.contains(station.spot()))
                        .isPresent();
    }

    /** The rig with a tether for a part, where it has none and there is room for one more. */
    public static Rig with(Rig rig, String part, String name) {
        if (rig.fitOut().has(ExtraKind.TETHER, part) || rig.fitOut().extras().size() == FitOut.MOST_EXTRAS) {
            return rig;
        }
        List<Extra> extras = new ArrayList<>(rig.fitOut().extras());
        extras.add(new Extra(FreshId.of(rig, "tether-" + part), "tether of the " + name, ExtraKind.TETHER, part));
        return rig.withFitOut(rig.fitOut().withExtras(extras));
    }

    /** The rig with a tether for a transducer that wants one, and without for one that does not. */
    public static Rig settled(Rig rig, Transducer transducer) {
        return wanted(rig, transducer) ? with(rig, transducer.id(), transducer.name()) : without(rig, transducer.id());
    }

    private static Rig without(Rig rig, String part) {
        return rig.fitOut().has(ExtraKind.TETHER, part)
                ? rig.withFitOut(rig.fitOut()
                        .withExtras(rig.fitOut().extras().stream()
                                .filter(extra -> extra.kind() != ExtraKind.TETHER
                                        || !extra.of().equals(part))
                                .toList()))
                : rig;
    }
}
