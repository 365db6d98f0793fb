package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Figure;
import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What a field holds of which nothing was said: an empty list, no words, false, zero, the choice that is none. */
final class Blank {

    /** Choices that choose nothing. */
    private static final Set<String> NOTHING = Set.of("UNDECIDED", "UNKNOWN", "NONE", "UNMARKED");

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private Blank() {}

    /** @throws IllegalStateException for a field that has no such thing: its step must say what it holds */
    static JsonNode of(Class<?> type) {
        if (Collection.class.isAssignableFrom(type)) {
            return NODES.arrayNode();
        }
        if (type == String.class) {
            return NODES.stringNode("");
        }
        if (type == boolean.class) {
            return NODES.booleanNode(false);
        }
        if (type == int.class) {
            return NODES.numberNode(0);
        }
        if (type.isEnum()) {
            return NODES.stringNode(Stream.of(type.getEnumConstants())
                    .map(constant -> ((Enum<?>) constant).name())
                    .filter(NOTHING::contains)
                    .map(name -> name.toLowerCase(Locale.ROOT))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException(type + " has no choice that is none")));
        }
        if (type.isRecord()) {
            return record(type);
        }
        throw new IllegalStateException(type + " has nothing that is none");
    }

    /** A figure that is not there is one nobody gave. */
    private static ObjectNode record(Class<?> type) {
        ObjectNode all = NODES.objectNode();
        for (RecordComponent component : type.getRecordComponents()) {
            if (component.getType() != Figure.class) {
                all.set(component.getName(), of(component.getType()));
            }
        }
        return all;
    }
}
