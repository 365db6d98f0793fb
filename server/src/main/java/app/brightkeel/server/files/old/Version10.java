package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Pack;
import java.util.Locale;
import tools.jackson.databind.node.ObjectNode;

/** Version 10 knows keypads, heading sensors and bridges apart, packs that start an engine, and what holes of boxes are for. */
final class Version10 extends Step {

    Version10() {
        brings(Craft.class, "bail");
        brings(Pack.class, "cranking");
    }

    @Override
    void convert(ObjectNode rig) {
        each(rig.path("devices"), device -> {
            if (device.path("kind").asString("").equals("small-part")) {
                device.put("kind", byName(device.path("name").asString("")));
            }
        });
        // before there was no asking: an opening that was measured was there
        each(
                rig.path("fitOut").path("boxes"),
                box -> each(box.path("exits"), exit -> exit.put("use", "cables").put("cut", !measured(exit))));
    }

    private static boolean measured(ObjectNode exit) {
        return exit.path("openingM").path("kind").asString("").equals("given");
    }

    /** What a small part is, by the name a person gave it. */
    private static String byName(String name) {
        String words = name.toLowerCase(Locale.ROOT);
        if (words.contains("keypad") || words.contains("remote")) {
            return "keypad";
        }
        if (words.contains("heading") || words.contains("compass")) {
            return "heading-sensor";
        }
        return words.contains("bridge") || words.contains("hub") ? "bridge" : "small-part";
    }
}
