package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.FitOut;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Version 14 knows what shuts places and parts away, and how many screws of each sort came with a part; before, whether they did. */
final class Version14 extends Step {

    Version14() {
        brings(FitOut.class, "closures");
    }

    @Override
    void convert(ObjectNode rig) {
        each(rig.path("fitOut").path("fasteners"), fastener -> {
            JsonNode supplied = fastener.path("supplied");
            if (supplied.isBoolean()) {
                fastener.put(
                        "supplied",
                        supplied.booleanValue() ? fastener.path("count").asInt(0) : 0);
            }
        });
    }
}
