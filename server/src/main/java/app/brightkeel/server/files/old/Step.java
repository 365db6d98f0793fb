package app.brightkeel.server.files.old;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * One step from a version of the format to the next: what its fields were called before, and which fields are new. A new one
 * holds what nobody said, see {@link Blank}, unless the step says otherwise.
 */
abstract class Step {

    /** Names of new fields by the record they stand in. */
    private final Map<Class<?>, List<String>> brought = new HashMap<>();

    /** @throws RuntimeException for a field that the record has not, or that cannot be blank: at the first start of all */
    final void brings(Class<?> record, String... fields) {
        for (String field : fields) {
            RecordComponent component = Stream.of(record.getRecordComponents())
                    .filter(each -> each.getName().equals(field))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(record + " has no " + field));
            Blank.of(component.getType());
        }
        brought.put(record, List.of(fields));
    }

    /** What is more than a new field that holds nothing. */
    void convert(ObjectNode rig) {}

    /** @param type of the record that a node is read as */
    final void take(ObjectNode rig, Class<?> type) {
        convert(rig);
        fill(rig, type);
    }

    /** Blank fields where the record, or one within it, has new ones. */
    final void fill(ObjectNode node, Class<?> type) {
        List<String> fields = brought.getOrDefault(type, List.of());
        for (RecordComponent component : type.getRecordComponents()) {
            String name = component.getName();
            if (fields.contains(name) && !node.has(name)) {
                node.set(name, Blank.of(component.getType()));
            } else if (component.getType().isRecord()) {
                onto(node.path(name), each -> fill(each, component.getType()));
            } else if (element(component.getGenericType()) instanceof Class<?> element && element.isRecord()) {
                each(node.path(name), each -> fill(each, element));
            }
        }
    }

    private static Type element(Type type) {
        return type instanceof ParameterizedType list ? list.getActualTypeArguments()[0] : type;
    }

    /** Whatever is an object of a list. */
    static void each(JsonNode list, Consumer<ObjectNode> change) {
        list.forEach(node -> onto(node, change));
    }

    /** What is no object is left to be refused where it is read. */
    static void onto(JsonNode node, Consumer<ObjectNode> change) {
        if (node instanceof ObjectNode object) {
            change.accept(object);
        }
    }
}
