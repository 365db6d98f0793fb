package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Water;
import tools.jackson.databind.node.ObjectNode;

/** Version 5 knows shapes of beams, live heads, what fits what, styles of fishing and logs. */
final class Version5 extends Step {

    Version5() {
        brings(Water.class, "style", "logged");
        brings(Transducer.class, "look", "handle", "plug");
        brings(Device.class, "sockets");
    }

    /** Every beam was a cone. */
    @Override
    void convert(ObjectNode rig) {
        each(rig.path("transducers"), transducer -> each(transducer.path("beams"), beam -> beam.put("shape", "cone")));
    }
}
