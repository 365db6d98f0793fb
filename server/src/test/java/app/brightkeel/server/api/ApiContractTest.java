package app.brightkeel.server.api;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.advice.Good;
import app.brightkeel.core.advice.RigAxis;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.picture.Moment;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Choices;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.EveryList;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.symptom.Symptom;
import app.brightkeel.core.trip.Lesson;
import app.brightkeel.server.ServerTest;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.RigJson;
import app.brightkeel.server.http.Kept;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.lang.reflect.Method;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The reviewed contract, the schema of rig files and the table of units are what the code says; {@code ./keel api} writes them. */
public class ApiContractTest extends ServerTest {

    private static final Path DOCS = Path.of("..", "docs");

    private static final List<Class<? extends Enum<?>>> ENUMS = List.of(
            Link.class,
            Habit.class,
            Moment.Charge.class,
            CraftKind.class,
            Lesson.class,
            Symptom.class,
            ItemKind.class,
            RigAxis.class,
            Good.class);

    private final JsonMapper mapper = RigJson.mapper()
            .rebuild()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build();

    static {
        SpringDocUtils.getConfig().addResponseWrapperToIgnore(Kept.class);
    }

    @Autowired
    private RequestMappingHandlerMapping requestMappingHandlerMapping;

    @Test
    public void openApiIsTheReviewedOne() throws Exception {
        byte[] generated = http.perform(get("/v3/api-docs").header("Host", "localhost"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        ObjectNode api = (ObjectNode) mapper.readTree(generated);
        Map<String, Method> methods = new TreeMap<>();
        CoreSchemas schemas = new CoreSchemas("#/components/schemas/");
        for (HandlerMethod handler :
                requestMappingHandlerMapping.getHandlerMethods().values()) {
            if (handler.getBeanType().isAnnotationPresent(RestController.class)
                    && handler.getBeanType().getName().startsWith("app.brightkeel")) {
                describe(schemas, handler.getMethod());
                methods.put(handler.getMethod().getName(), handler.getMethod());
            }
        }
        Contract contract = new Contract(mapper, new Javadocs(), methods);
        contract.refine(api);
        ObjectNode components = api.putObject("components");
        ObjectNode described = components.putObject("schemas");
        schemas.all().forEach(described::set);
        contract.components(components);
        enumsAsReferences(api, schemas);
        compare("openapi.json", api);
    }

    private static void describe(CoreSchemas schemas, Method method) {
        for (Class<?> parameter : method.getParameterTypes()) {
            if (parameter.isRecord() || ENUMS.contains(parameter)) {
                schemas.of(parameter);
            }
        }
        Type result = method.getGenericReturnType();
        boolean wrapped = result instanceof ParameterizedType generic && generic.getRawType() == ResponseEntity.class;
        Type answer = wrapped ? ((ParameterizedType) result).getActualTypeArguments()[0] : result;
        boolean kept = answer instanceof ParameterizedType generic && generic.getRawType() == Kept.class;
        Type body = kept ? ((ParameterizedType) answer).getActualTypeArguments()[0] : answer;
        if (body != byte[].class && body != void.class) {
            schemas.of(body);
        }
    }

    /** The generator writes enum parameters by their Java names. */
    private void enumsAsReferences(ObjectNode api, CoreSchemas schemas) {
        for (JsonNode operation : api.path("paths").findValues("parameters")) {
            for (JsonNode parameter : operation) {
                List<String> names = parameter
                        .path("schema")
                        .path("enum")
                        .valueStream()
                        .map(JsonNode::asString)
                        .toList();
                ENUMS.stream()
                        .filter(type -> Stream.of(type.getEnumConstants())
                                .map(Enum::name)
                                .toList()
                                .equals(names))
                        .forEach(type -> ((ObjectNode) parameter).set("schema", schemas.of(type)));
            }
        }
    }

    @Test
    public void schemaOfRigFilesIsThePublishedOneAndFitsRealExports() throws Exception {
        ObjectNode schema = rigSchema();
        compare("rig.schema.json", schema);
        Schema validator = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(mapper.writeValueAsString(schema), InputFormat.JSON);
        for (Rig rig : DemoRigs.all()) {
            String export = mapper.writeValueAsString(RigDocument.of(rig));
            assertTrue(validator.validate(export, InputFormat.JSON).isEmpty(), rig.name());
        }
        assertTrue(!validator
                .validate("{\"format\":\"bright-keel-rig\"}", InputFormat.JSON)
                .isEmpty());
    }

    private ObjectNode rigSchema() {
        List<Record> examples = new ArrayList<>(DemoRigs.all());
        DemoRigs.all().forEach(rig -> examples.add(EveryList.in(rig)));
        examples.add(new Gauge.Metric(1.5));
        Ranges ranges = new Ranges(examples);
        CoreSchemas schemas = new CoreSchemas("#/$defs/", Optional.of(new Meanings(ranges, new Javadocs())));
        ObjectNode schema = mapper.createObjectNode()
                .put("$schema", "https://json-schema.org/draft/2020-12/schema")
                .put("$id", "urn:bright-keel:rig:" + RigDocument.VERSION)
                .put("title", "Bright Keel rig file, version " + RigDocument.VERSION);
        schema.set("$ref", schemas.of(RigDocument.class).get("$ref"));
        ObjectNode definitions = schema.putObject("$defs");
        schemas.all().forEach((name, definition) -> {
            definition.remove("discriminator");
            definitions.set(name, definition);
        });
        return schema;
    }

    @Test
    public void unitsAreTheOnesOfCore() throws Exception {
        ObjectNode units = mapper.createObjectNode();
        for (Unit unit : Unit.values()) {
            units.set(RigJson.kebab(unit.name()), mapper.valueToTree(Map.of("metric", unit.metric(), "us", unit.us())));
        }
        ObjectNode sorted = mapper.createObjectNode();
        sorted.set("units", sorted(units));
        var gauges = sorted.putArray("awg");
        app.brightkeel.core.reference.WireTables.awg()
                .forEach(size -> gauges.addObject().put("awg", size.awg()).put("areaMm2", size.areaMm2()));
        var metric = sorted.putArray("metricMm2");
        app.brightkeel.core.reference.WireTables.metric().forEach(size -> metric.add(size.areaMm2()));
        compare("units.json", sorted);
    }

    /** What may be chosen and what it is called, as the screen offers it. */
    @Test
    public void choicesAreThePublishedOnes() throws Exception {
        ObjectNode all = mapper.createObjectNode();
        Choices.all().forEach((name, choices) -> {
            ArrayNode each = all.putArray(name);
            choices.forEach(choice -> each.addArray().add(choice.value()).add(choice.words()));
        });
        ArrayNode verdicts = all.putArray("Verdict");
        for (Verdict verdict : Verdict.values()) {
            verdicts.addArray().add(verdict.name().toLowerCase(Locale.ROOT)).add(verdict.words());
        }
        compare("choices.json", all);
    }

    private ObjectNode sorted(ObjectNode units) {
        ObjectNode sorted = mapper.createObjectNode();
        units.properties().forEach(entry -> {
            ObjectNode both = mapper.createObjectNode();
            both.set("metric", entry.getValue().get("metric"));
            both.set("us", entry.getValue().get("us"));
            sorted.set(entry.getKey(), both);
        });
        return sorted;
    }

    private void compare(String file, JsonNode now) throws Exception {
        String text = mapper.writeValueAsString(now) + "\n";
        Path path = DOCS.resolve(file);
        if (Boolean.getBoolean("keel.write")) {
            Files.writeString(path, text);
        }
        // Line by line: the whole of a file as the reason hides what else a run says.
        assertEquals(
                Files.exists(path) ? Files.readAllLines(path) : List.of(),
                text.lines().toList(),
                file + " changed: run ./keel api");
    }
}
