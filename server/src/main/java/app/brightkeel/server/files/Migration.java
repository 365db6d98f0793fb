package app.brightkeel.server.files;

import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Rig documents of earlier versions, step by step to the one that is written. */
final class Migration {

    /** Steps from each version to the next: step k turns version k + 1 into k + 2. */
    private static final List<UnaryOperator<ObjectNode>> STEPS = List.of(
            Migration::notes,
            Migration::water,
            Migration::craft,
            Migration::sonar,
            Migration::holders,
            Migration::power,
            Migration::ends,
            Migration::fitOut,
            Migration::smallParts);

    private Migration() {}

    /** @param version of the document, 1 to {@link RigDocument#VERSION} */
    static ObjectNode of(ObjectNode document, int version) {
        ObjectNode current = document;
        for (UnaryOperator<ObjectNode> step : STEPS.subList(version - 1, STEPS.size())) {
            current = step.apply(current);
        }
        return current;
    }

    /** Version 2 knows notes on parts. */
    private static ObjectNode notes(ObjectNode document) {
        if (document.path("rig") instanceof ObjectNode rig) {
            rig.putArray("notes");
        }
        return document.put("version", 2);
    }

    /** Version 3 knows the water. */
    private static ObjectNode water(ObjectNode document) {
        if (document.path("rig").path("outing") instanceof ObjectNode outing) {
            outing.putObject("water")
                    .put("kind", "undecided")
                    .put("season", "undecided")
                    .put("motion", "undecided");
        }
        return document.put("version", 3);
    }

    /** Version 4 knows the angler, the craft's stations and passages, transducers, ways of cables and places. */
    private static ObjectNode craft(ObjectNode document) {
        if (document.path("rig") instanceof ObjectNode rig) {
            rig.putObject("angler");
            rig.putArray("transducers");
            rig.putArray("runs");
            rig.putArray("places");
            rig.putObject("weights");
            if (rig.path("craft") instanceof ObjectNode craft) {
                craft.put("origin", "");
                craft.putArray("stations");
                craft.putArray("passages");
                craft.putArray("obstructions");
            }
            if (rig.path("schools") instanceof ObjectNode schools) {
                schools.put("drilling", "undecided").put("screen", "undecided");
            }
            for (JsonNode pack : rig.path("harness").path("packs")) {
                if (pack instanceof ObjectNode each) {
                    each.putObject("size");
                }
            }
        }
        return document.put("version", 4);
    }

    /** Version 5 knows shapes of beams, live heads, what fits what, styles of fishing and logs. */
    private static ObjectNode sonar(ObjectNode document) {
        JsonNode rig = document.path("rig");
        if (rig.path("outing").path("water") instanceof ObjectNode water) {
            water.put("style", "undecided");
            water.putObject("logged").put("name", "").putArray("hoursAt");
        }
        for (JsonNode transducer : rig.path("transducers")) {
            if (transducer instanceof ObjectNode each) {
                each.put("look", "undecided").put("handle", "unmarked");
                ObjectNode plug = each.putObject("plug").put("version", "undecided");
                plug.putObject("adapter").put("name", "").putArray("loses");
                each.path("beams").forEach(beam -> {
                    if (beam instanceof ObjectNode round) {
                        round.put("shape", "cone");
                    }
                });
            }
        }
        for (JsonNode device : rig.path("devices")) {
            if (device instanceof ObjectNode each) {
                each.putObject("sockets")
                        .put("family", "")
                        .put("version", "undecided")
                        .putArray("shows");
            }
        }
        return document.put("version", 5);
    }

    /** Version 6 knows forms of hulls, bodies, adapter plates, turned poles and what holds displays. */
    private static ObjectNode holders(ObjectNode document) {
        JsonNode rig = document.path("rig");
        if (rig instanceof ObjectNode each) {
            each.putArray("holders");
        }
        if (rig.path("craft") instanceof ObjectNode craft) {
            craft.putArray("sections");
        }
        if (rig.path("angler") instanceof ObjectNode angler) {
            angler.put("hand", "undecided");
        }
        if (rig.path("schools") instanceof ObjectNode schools) {
            schools.put("post", "undecided");
        }
        for (JsonNode device : rig.path("devices")) {
            if (device instanceof ObjectNode each) {
                each.putObject("size");
                each.putObject("fixing").put("bolts", "");
            }
        }
        return document.put("version", 6);
    }

    /** Version 7 knows what packs are there for, their tests and labels, chargers, standby, converters and networks. */
    private static ObjectNode power(ObjectNode document) {
        JsonNode rig = document.path("rig");
        if (rig instanceof ObjectNode each) {
            each.putObject("network").putArray("shares");
            each.putArray("onHand");
            each.putArray("chargers");
        }
        if (rig.path("schools") instanceof ObjectNode schools) {
            schools.put("battery", "undecided");
        }
        for (JsonNode device : rig.path("devices")) {
            if (device instanceof ObjectNode each) {
                each.putObject("supply");
                if (each.path("sockets") instanceof ObjectNode sockets) {
                    sockets.putArray("ports");
                }
            }
        }
        for (JsonNode pack : rig.path("harness").path("packs")) {
            if (pack instanceof ObjectNode each) {
                each.put("role", "in-use").put("onTopOf", "");
                each.putObject("label");
                each.putObject("test").put("ranOut", false);
                each.putObject("keeping").put("chargedOn", "");
            }
        }
        return document.put("version", 7);
    }

    /** Version 8 knows what each end is joined with, ways and labels, colours, spare leads. */
    private static ObjectNode ends(ObjectNode document) {
        JsonNode rig = document.path("rig");
        JsonNode harness = rig.path("harness");
        if (harness instanceof ObjectNode each) {
            each.putArray("spares");
        }
        for (JsonNode segment : harness.path("segments")) {
            if (segment instanceof ObjectNode each) {
                ending(each, "start");
                ObjectNode end = ending(each, "end");
                if (each.path("wire") instanceof ObjectNode wire) {
                    JsonNode pins = wire.remove("plugPins");
                    if (pins != null) {
                        end.set("pins", pins);
                    }
                    wire.put("twisted", false).put("colours", "").put("unused", 0);
                }
            }
        }
        for (JsonNode junction : harness.path("junctions")) {
            if (junction instanceof ObjectNode each) {
                each.put("sort", "undecided").put("labelled", false);
            }
        }
        for (JsonNode list : List.of(harness.path("packs"), rig.path("onHand"), rig.path("chargers"))) {
            for (JsonNode part : list) {
                if (part instanceof ObjectNode each) {
                    ending(each, "ending");
                }
            }
        }
        return document.put("version", 8);
    }

    /** Version 9 knows data leads, travel and pins of cables, openings, how batteries are held, boxes and boards. */
    private static ObjectNode fitOut(ObjectNode document) {
        JsonNode rig = document.path("rig");
        if (rig instanceof ObjectNode each) {
            ObjectNode fitOut = each.putObject("fitOut");
            fitOut.putArray("ballast");
            fitOut.putArray("passThroughs");
            fitOut.putArray("boxes");
            fitOut.putObject("boards").putArray("parts");
        }
        if (rig.path("network") instanceof ObjectNode network) {
            network.putArray("leads");
        }
        if (rig.path("craft") instanceof ObjectNode craft) {
            craft.putObject("stand").put("edge", "none").put("folds", false);
        }
        for (JsonNode passage : rig.path("craft").path("passages")) {
            if (passage instanceof ObjectNode each) {
                each.putObject("opening")
                        .put("closedBy", "undecided")
                        .put("stuff", "undecided")
                        .put("back", "unknown")
                        .put("tested", false)
                        .put("costs", "");
            }
        }
        for (JsonNode run : rig.path("runs")) {
            if (run instanceof ObjectNode each) {
                each.putArray("through");
                each.putArray("travels");
                each.put("coilAt", "");
            }
        }
        for (JsonNode place : rig.path("places")) {
            if (place instanceof ObjectNode each) {
                each.putObject("held")
                        .put("how", "undecided")
                        .put("anchors", 0)
                        .put("blocked", false)
                        .put("covered", false)
                        .put("toolFree", false)
                        .put("onSide", false);
            }
        }
        return document.put("version", 9);
    }

    /**
     * Version 10 knows keypads, heading sensors and bridges apart, packs that start an engine, and what the holes of boxes
     * are for.
     */
    private static ObjectNode smallParts(ObjectNode document) {
        JsonNode rig = document.path("rig");
        for (JsonNode device : rig.path("devices")) {
            if (device instanceof ObjectNode each
                    && each.path("kind").asString("").equals("small-part")) {
                each.put("kind", byName(each.path("name").asString("")));
            }
        }
        for (JsonNode packs : List.of(rig.path("harness").path("packs"), rig.path("onHand"))) {
            for (JsonNode pack : packs) {
                if (pack instanceof ObjectNode each) {
                    each.putObject("cranking").put("engine", false);
                }
            }
        }
        for (JsonNode box : rig.path("fitOut").path("boxes")) {
            for (JsonNode exit : box.path("exits")) {
                if (exit instanceof ObjectNode each) {
                    // before there was no asking: an opening that was measured was there
                    each.put("use", "cables")
                            .put(
                                    "cut",
                                    !each.path("openingM")
                                            .path("kind")
                                            .asString("")
                                            .equals("given"));
                }
            }
        }
        if (rig.path("craft") instanceof ObjectNode craft) {
            craft.put("bail", "none");
        }
        return document.put("version", 10);
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

    private static ObjectNode ending(ObjectNode part, String field) {
        return part.putObject(field).put("terminal", "undecided").put("half", "undecided");
    }
}
