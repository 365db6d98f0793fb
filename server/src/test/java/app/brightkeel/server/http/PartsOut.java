package app.brightkeel.server.http;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.RigJson;
import app.brightkeel.server.files.RigReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A rig with any one of its parts taken out, and whatever spoke of it with it: as refusals say, one after the other. */
final class PartsOut {

    private static final JsonMapper MAPPER = RigJson.mapper();
    private static final RigReader READER = new RigReader();
    private static final int MOST_STEPS = 60;

    private PartsOut() {}

    /** One rig for each entry of each list. */
    static List<Rig> of(Rig rig) {
        JsonNode whole = MAPPER.valueToTree(RigDocument.of(rig));
        List<Rig> all = new ArrayList<>();
        for (String entry : entries("", whole)) {
            without(whole, entry).ifPresent(all::add);
        }
        return all;
    }

    private static List<String> entries(String at, JsonNode node) {
        List<String> all = new ArrayList<>();
        if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                all.add(at + "/" + i);
                all.addAll(entries(at + "/" + i, array.get(i)));
            }
        } else {
            node.properties().forEach(field -> all.addAll(entries(at + "/" + field.getKey(), field.getValue())));
        }
        return all;
    }

    /** Empty where what is left can be no rig. */
    private static Optional<Rig> without(JsonNode whole, String entry) {
        ObjectNode left = (ObjectNode) whole.deepCopy();
        takeOut(left, entry);
        for (int step = 0; step < MOST_STEPS; step++) {
            try {
                return Optional.of(READER.read(left.toString().getBytes(StandardCharsets.UTF_8)));
            } catch (Refusal refusal) {
                JsonNode value = left.at(refusal.field());
                if (value.isString() && refusal.allowed().endsWith("or nothing")) {
                    JsonPointer field = JsonPointer.compile(refusal.field());
                    ((ObjectNode) left.at(field.head())).put(field.last().getMatchingProperty(), "");
                } else if (!takeOut(left, refusal.field())) {
                    return Optional.empty();
                }
            }
        }
        return Optional.empty();
    }

    /** Takes out the nearest entry of a list that holds what a pointer leads to. */
    private static boolean takeOut(JsonNode root, String pointer) {
        for (JsonPointer at = JsonPointer.compile(pointer); !at.matches(); at = at.head()) {
            if (root.at(at.head()) instanceof ArrayNode list && at.last().mayMatchElement()) {
                list.remove(at.last().getMatchingIndex());
                return true;
            }
        }
        return false;
    }
}
