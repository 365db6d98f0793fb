package app.brightkeel.core.harness;

import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What has a motor, and what it shares with screens. */
public final class Motors {

    private Motors() {}

    /** Whether a device has a motor that turns. */
    public static boolean isOne(Device device) {
        return device.kind() == DeviceKind.MOTOR || device.kind() == DeviceKind.PUMP;
    }

    /** Ids of the segments behind which a motor hangs; the tree is laid out only where there is one. */
    public static Set<String> feeding(Rig rig) {
        Set<String> all = new HashSet<>();
        if (rig.devices().stream().anyMatch(Motors::isOne)) {
            Topology tree = Topology.of(rig);
            for (int d = 0; d < rig.devices().size(); d++) {
                if (isOne(rig.devices().get(d))) {
                    way(rig, tree, d).forEach(segment -> all.add(segment.id()));
                }
            }
        }
        return all;
    }

    /** Segments from a device to its battery, none where it is not fed. */
    public static List<Segment> way(Rig rig, Topology tree, int device) {
        return tree.way(tree.nodeOfDevice(device)).stream()
                .map(rig.harness().segments()::get)
                .toList();
    }
}
