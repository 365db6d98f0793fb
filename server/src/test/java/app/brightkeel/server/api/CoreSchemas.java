package app.brightkeel.server.api;

import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.HullSection;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.RigJson;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * JSON Schemas of records, enums and sums, by their declarations: what {@link RigJson} writes is what these describe. The
 * generator for controllers gets sealed types wrong, so its components are replaced by these.
 */
final class CoreSchemas {

    private final JsonMapper mapper = RigJson.mapper();
    private final Map<String, ObjectNode> schemas = new TreeMap<>();
    private final Map<String, Class<?>> owners = new TreeMap<>();
    private final String prefix;
    private final Optional<Meanings> meanings;

    /** @param prefix of references: {@code #/components/schemas/} or {@code #/$defs/} */
    CoreSchemas(String prefix) {
        this(prefix, Optional.empty());
    }

    /** @param meanings what is added of ranges, units and meanings */
    CoreSchemas(String prefix, Optional<Meanings> meanings) {
        this.prefix = prefix;
        this.meanings = meanings;
    }

    Map<String, ObjectNode> all() {
        return schemas;
    }

    /** A schema or a reference to one; adds what it refers to. */
    ObjectNode of(Type type) {
        if (type instanceof ParameterizedType list
                && list.getRawType() instanceof Class<?> raw
                && Collection.class.isAssignableFrom(raw)) {
            ObjectNode array = mapper.createObjectNode().put("type", "array");
            array.set("items", of(list.getActualTypeArguments()[0]));
            return array;
        }
        Class<?> simple = (Class<?>) type;
        if (simple == String.class) {
            return plain("string");
        }
        if (simple == boolean.class) {
            return plain("boolean");
        }
        if (simple == int.class || simple == long.class) {
            return plain("integer");
        }
        if (simple == Instant.class) {
            return plain("string").put("format", "date-time");
        }
        if (simple == LocalDate.class) {
            return plain("string").put("format", "date");
        }
        if (simple == double.class || simple == Double.class) {
            return plain("number");
        }
        return reference(simple);
    }

    private ObjectNode plain(String type) {
        return mapper.createObjectNode().put("type", type);
    }

    private ObjectNode reference(Class<?> type) {
        String name = name(type);
        Class<?> owner = owners.putIfAbsent(name, type);
        if (owner != null && owner != type) {
            throw new IllegalStateException("two types are called " + name + ": " + owner + ", " + type);
        }
        if (owner == null) {
            schemas.put(name, mapper.createObjectNode());
            schemas.put(name, define(type));
        }
        return mapper.createObjectNode().put("$ref", prefix + name);
    }

    /** The simple name; a member of a sum carries the sum's name in front, since several sums have an Undecided. */
    private static String name(Class<?> type) {
        return Stream.of(type.getInterfaces())
                .filter(RigJson::isSum)
                .findFirst()
                .map(sum -> sum.getSimpleName() + type.getSimpleName())
                .orElse(type.getSimpleName());
    }

    private ObjectNode define(Class<?> type) {
        if (type.isEnum()) {
            ObjectNode schema = plain("string");
            var values = schema.putArray("enum");
            Stream.of(type.getEnumConstants()).forEach(c -> values.add(RigJson.kebab(((Enum<?>) c).name())));
            return schema;
        }
        if (RigJson.isSum(type)) {
            return sum(type);
        }
        if (!type.isRecord()) {
            throw new IllegalStateException(type + " is neither a record, an enum nor a sum of core's");
        }
        return record(type);
    }

    private ObjectNode sum(Class<?> type) {
        ObjectNode schema = mapper.createObjectNode();
        var oneOf = schema.putArray("oneOf");
        ObjectNode discriminator = schema.putObject("discriminator").put("propertyName", "kind");
        ObjectNode mapping = discriminator.putObject("mapping");
        for (Class<?> member : type.getPermittedSubclasses()) {
            ObjectNode reference = reference(member);
            oneOf.add(reference);
            mapping.put(
                    RigJson.kebab(member.getSimpleName()),
                    reference.path("$ref").asString());
        }
        return schema;
    }

    /** What a shape alone does not tell whoever reads a file with other means. */
    private static final Map<Class<?>, String> MEANING = Map.of(
            HullSection.class,
            "The hull at one place of its length, as shares: at 0 is the bow and 1 the stern; breadth the half width at the"
                    + " deck against half the beam; keel the height of the lowest line against the depth; fullness the"
                    + " exponent p of the section y = breadth * z^p, z from 0 at the keel to 1 at the deck. Between sections"
                    + " breadth, keel and fullness each follow a monotone piecewise cubic through all of them (Fritsch and"
                    + " Carlson, SIAM J. Numer. Anal. 17, 1980), its slope at a section the harmonic mean of the two"
                    + " neighbouring chords, 0 where they differ in sign, the chord itself at both ends. A craft without"
                    + " sections has the usual form of its kind; on ice it is a box.");

    /** A document says which format it is: a client built for another one does not compile. */
    private static final Map<String, Object> FIXED =
            Map.of("format", RigDocument.FORMAT, "version", RigDocument.VERSION);

    /** One value alone; as an enum, for a common generator does not know constants. */
    private ObjectNode only(Object value) {
        ObjectNode schema = plain(value instanceof Integer ? "integer" : "string");
        schema.putArray("enum").addPOJO(value);
        return schema;
    }

    private ObjectNode record(Class<?> type) {
        ObjectNode schema = plain("object");
        if (MEANING.containsKey(type)) {
            schema.put("description", MEANING.get(type));
        }
        ObjectNode properties = schema.putObject("properties");
        var required = mapper.createArrayNode();
        if (Stream.of(type.getInterfaces()).anyMatch(RigJson::isSum)) {
            properties.set("kind", only(RigJson.kebab(type.getSimpleName())));
            required.add("kind");
        }
        for (RecordComponent component : type.getRecordComponents()) {
            boolean fixed = type == RigDocument.class && FIXED.containsKey(component.getName());
            ObjectNode property = fixed ? only(FIXED.get(component.getName())) : of(component.getGenericType());
            meanings.ifPresent(known -> known.add(property, type, component));
            properties.set(component.getName(), property);
            if (component.getType() != Figure.class) {
                required.add(component.getName());
            }
        }
        schema.set("required", required);
        schema.put("additionalProperties", false);
        return schema;
    }
}
