package app.brightkeel.core.review.wire;

import app.brightkeel.core.circuit.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
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
        List<Segment> way = new ArrayList<>();
        int node = tree.nodeOfDevice(device);
        while (node >= 0 && tree.segments().get(node) >= 0) {
            way.add(rig.harness().segments().get(tree.segments().get(node)));
            node = tree.parents().get(node);
        }
        return way;
    }

    /** The battery a device hangs on as a node of the tree, −1 where it is not fed. */
    static int root(Topology tree, int device) {
        int node = tree.nodeOfDevice(device);
        while (node >= 0 && tree.parents().get(node) >= 0) {
            node = tree.parents().get(node);
        }
        return node;
    }
}
