package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Plug;
import app.brightkeel.core.rig.Rig;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Version 11 knows how a craft travels and is shared, the views that are wanted, adapters that chain, plugs with tags, tethers and
 * caps, what is on hand or to buy, and what comes later.
 */
final class Version11 extends Step {

    Version11() {
        brings(Rig.class, "sharing", "purse");
        brings(FitOut.class, "extras");
        brings(Outing.class, "views");
        brings(Device.class, "later");
        brings(Plug.class, "adapters", "tag");
    }

    @Override
    void convert(ObjectNode rig) {
        each(rig.path("transducers"), transducer -> onto(transducer.path("plug"), Version11::chained));
    }

    /** Before there was one adapter, without a name where there was none. */
    private static void chained(ObjectNode plug) {
        JsonNode adapter = plug.remove("adapter");
        if (adapter != null && !plug.has("adapters")) {
            ArrayNode chain = plug.putArray("adapters");
            if (!adapter.path("name").asString("").isEmpty()) {
                chain.add(adapter);
            }
        }
    }
}
