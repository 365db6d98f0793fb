package app.brightkeel.core.rig;

import java.util.ArrayList;
import java.util.List;

/** What stands or is clamped at one spot of a craft: there is room for one display or one post. */
public final class Stands {

    private Stands() {}

    /** Names of the displays, and of the mounts beside the hull, at a station; none where that is a room with walls. */
    public static List<String> at(Rig rig, String station) {
        return at(rig, station, "");
    }

    /** Whether something else stands there already than what has this id. */
    public static boolean taken(Rig rig, String station, String but) {
        return !at(rig, station, but).isEmpty();
    }

    private static List<String> at(Rig rig, String station, String but) {
        List<String> all = new ArrayList<>();
        boolean room = rig.craft()
                .station(station)
                .filter(at -> !at.spot().takesPack() && !at.room().known())
                .isEmpty();
        if (room || rig.fitOut().boxAt(station).isPresent()) {
            return all;
        }
        for (Device device : rig.devices()) {
            if (device.kind().display()
                    && !device.id().equals(but)
                    && rig.stationOf(device.id()).equals(station)) {
                all.add(device.name());
            }
        }
        for (Transducer transducer : rig.transducers()) {
            Mount mount = transducer.mount();
            if (mount.kind().beside()
                    && !transducer.id().equals(but)
                    && mount.station().equals(station)) {
                all.add(mount.kind().words() + " of the " + transducer.name());
            }
        }
        return all;
    }
}
