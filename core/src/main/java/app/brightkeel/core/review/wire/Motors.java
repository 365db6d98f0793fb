package app.brightkeel.core.review.wire;

import app.brightkeel.core.circuit.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.List;

/** What has a motor, and what it shares with screens. */
final class Motors {

    private Motors() {}

    static boolean isOne(Device device) {
        return device.kind() == DeviceKind.MOTOR || device.kind() == DeviceKind.PUMP;
    }

    /** Whether a motor hangs behind a segment. */
    static boolean feeds(Line line, Segment segment) {
        Topology tree = Topology.of(line.rig());
        for (int d = 0; d < line.rig().devices().size(); d++) {
            if (isOne(line.rig().devices().get(d))
                    && way(line.rig(), tree, d).stream().anyMatch(s -> s.id().equals(segment.id()))) {
                return true;
            }
        }
        return false;
    }

    /** Segments from a device to its battery, none where it is not fed. */
    static List<Segment> way(Rig rig, Topology tree, int device) {
        return tree.way(tree.nodeOfDevice(device)).stream()
                .map(rig.harness().segments()::get)
                .toList();
    }
}
