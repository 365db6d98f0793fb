package app.brightkeel.server.api;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.EveryList;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.RigJson;
import app.brightkeel.server.files.RigReader;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The published schema and the program refuse the same files: every field of rigs with everything in them is given wrong
 * values of every sort. What only the whole rig can tell, a name that leads nowhere or stands there twice, no schema knows.
 */
public class SchemaAgreesTest {

    private static final Set<RefusalCode> OF_THE_WHOLE =
            EnumSet.of(RefusalCode.DUPLICATE, RefusalCode.DANGLING, RefusalCode.LOOP);

    /** Refusals that weigh one field against another. */
    private static final List<String> AGAINST_ANOTHER = List.of("the outline would cross itself");

    /** So many of the wrong values are tried, each always or never. */
    private static final int ONE_IN = 10;

    private final JsonMapper mapper = RigJson.mapper();
    private final RigReader reader = new RigReader(mapper);
    private final Set<String> seen = new HashSet<>();
    private final TreeMap<String, String> differ = new TreeMap<>();
    private Schema schema;
    private int tried;

    @BeforeClass
    public void readSchema() throws Exception {
        schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("..", "docs", "rig.schema.json")), InputFormat.JSON);
    }

    @Test
    public void noWrongValuePassesOneOfThem() {
        for (Rig rig : DemoRigs.all().stream()
                .flatMap(each -> Stream.of(each, EveryList.in(each)))
                .toList()) {
            ObjectNode document = (ObjectNode) mapper.valueToTree(RigDocument.of(rig));
            compare(document, rig.name());
            walk(document, document, JsonPointer.empty());
        }
        assertTrue(tried > (Share.LONG ? 10_000 : 1_000), tried + " tried");
        assertEquals(
                String.join(
                        "\n",
                        differ.entrySet().stream()
                                .map(each -> each.getKey() + ": " + each.getValue())
                                .toList()),
                "",
                differ.size() + " of " + tried);
    }

    private void walk(ObjectNode document, JsonNode at, JsonPointer pointer) {
        if (seen.add(pointer.toString().replaceAll("/\\d+", "/*"))) {
            wrong(at).forEach(value -> with(document, pointer, value));
            if (at instanceof ObjectNode object) {
                object.propertyNames().forEach(name -> {
                    ObjectNode less = object.deepCopy();
                    less.remove(name);
                    with(document, pointer, less);
                });
                with(document, pointer, object.deepCopy().put("unheardOf", 1));
            }
        }
        if (at instanceof ObjectNode object) {
            object.properties().forEach(each -> walk(document, each.getValue(), pointer.appendProperty(each.getKey())));
        }
        for (int i = 0; i < (at.isArray() ? at.size() : 0); i++) {
            walk(document, at.get(i), pointer.appendIndex(i));
        }
    }

    private List<JsonNode> wrong(JsonNode at) {
        List<JsonNode> all = new ArrayList<>();
        for (Object value :
                new Object[] {-1e9, -1, 0, 0.5, 1e9, true, "", " ", "A b", "x".repeat(2000), "two\nlines"}) {
            all.add(mapper.valueToTree(value));
        }
        all.add(mapper.nullNode());
        all.add(mapper.createObjectNode());
        if (at instanceof ArrayNode array && !array.isEmpty()) {
            ArrayNode many = mapper.createArrayNode();
            for (int i = 0; i < 400; i++) {
                many.add(array.get(0));
            }
            all.add(many);
        }
        return all;
    }

    private void with(ObjectNode document, JsonPointer pointer, JsonNode value) {
        String what = pointer.toString().replaceAll("/\\d+", "/*") + " " + shortened(value.toString());
        if (pointer.matches() || !Share.LONG && Math.floorMod(what.hashCode(), ONE_IN) != 0) {
            return;
        }
        ObjectNode changed = document.deepCopy();
        JsonNode parent = changed.at(pointer.head());
        if (parent instanceof ArrayNode array) {
            array.set(pointer.last().getMatchingIndex(), value);
        } else {
            ((ObjectNode) parent).set(pointer.last().getMatchingProperty(), value);
        }
        compare(changed, what);
    }

    private static String shortened(String value) {
        return value.length() > 60 ? value.substring(0, 60) + "…" : value;
    }

    private void compare(ObjectNode document, String what) {
        tried++;
        String text = mapper.writeValueAsString(document);
        boolean fits = schema.validate(text, InputFormat.JSON).isEmpty();
        try {
            reader.read(text.getBytes(StandardCharsets.UTF_8));
            if (!fits) {
                differ.put(what, "read, though the schema refuses it");
            }
        } catch (Refusal refusal) {
            boolean known = OF_THE_WHOLE.contains(refusal.code())
                    || AGAINST_ANOTHER.stream().anyMatch(refusal.allowed()::contains);
            if (fits && !known) {
                differ.put(what, "the schema takes it; " + refusal.getMessage());
            }
        }
    }
}
