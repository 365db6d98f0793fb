package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Wire;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Version 8 knows what each end is joined with, ways and labels, colours, spare leads. */
final class Version8 extends Step {

    Version8() {
        brings(Harness.class, "spares");
        brings(Segment.class, "start", "end");
        brings(Wire.class, "twisted", "colours", "unused");
        brings(Junction.class, "sort", "labelled");
        brings(Pack.class, "ending");
        brings(Charger.class, "ending");
    }

    /** The pins of a plug stood with the wire; they are those of its end. */
    @Override
    void convert(ObjectNode rig) {
        each(
                rig.path("harness").path("segments"),
                segment -> onto(segment.path("wire"), wire -> {
                    JsonNode pins = wire.remove("plugPins");
                    if (pins != null) {
                        segment.putObject("end")
                                .put("terminal", "undecided")
                                .put("half", "undecided")
                                .set("pins", pins);
                    }
                }));
    }
}
