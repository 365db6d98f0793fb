package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Sockets;
import tools.jackson.databind.node.ObjectNode;

/** Version 7 knows what packs are there for, their tests and labels, chargers, standby, converters and networks. */
final class Version7 extends Step {

    Version7() {
        brings(Rig.class, "network", "onHand", "chargers");
        brings(Schools.class, "battery");
        brings(Device.class, "supply");
        brings(Sockets.class, "ports");
        brings(Pack.class, "onTopOf", "label", "test", "keeping");
    }

    /** Every battery was in use. */
    @Override
    void convert(ObjectNode rig) {
        each(rig.path("harness").path("packs"), pack -> pack.put("role", "in-use"));
    }
}
