package app.brightkeel.server.api;

import java.lang.reflect.Method;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What a generated client has to know besides paths and bodies: names, refusals, tags, sessions, files. */
final class Contract {

    /** Answered with 201 and where the new rig stands. */
    private static final Set<String> CREATES = Set.of("createRig", "createBlankRig", "importRig", "duplicateRig");

    private static final Set<String> READS_BYTES = Set.of("readLog");

    /** Media that are text, whatever type of Java's they come from. */
    private static final Set<String> TEXTS = Set.of("text/csv", "text/plain", "image/svg+xml");

    private static final Map<Integer, String> REFUSALS = new TreeMap<>(Map.ofEntries(
            Map.entry(400, "A parameter is missing or none of its kind, or the body did not come whole"),
            Map.entry(401, "A passphrase is wanted and was not given"),
            Map.entry(403, "That is not the passphrase"),
            Map.entry(404, "No such rig, revision, change or picture"),
            Map.entry(410, "The rig was deleted; it can come back"),
            Map.entry(412, "The rig is at another revision than If-Match says; what both sides did is told"),
            Map.entry(413, "The body is too large"),
            Map.entry(422, "A value is outside of what is allowed: pointer, value and what is allowed are told"),
            Map.entry(428, "If-Match is wanted"),
            Map.entry(429, "Too many wrong passphrases: wait"),
            Map.entry(503, "Too much at once: come again in a moment"),
            Map.entry(507, "The disk is full: nothing was saved")));

    private final ObjectMapper mapper;
    private final Javadocs docs;
    private final Map<String, Method> methods;

    /** @param methods of the controllers, by their names */
    Contract(ObjectMapper mapper, Javadocs docs, Map<String, Method> methods) {
        this.mapper = mapper;
        this.docs = docs;
        this.methods = methods;
    }

    void refine(ObjectNode api) {
        ObjectNode info = api.putObject("info")
                .put("title", "Bright Keel")
                .put("version", "1")
                .put(
                        "description",
                        "Plans a portable fish-finder rig: rigs that are kept, what holds in them and what does not.");
        info.putObject("license").put("name", "Apache-2.0").put("identifier", "Apache-2.0");
        api.putArray("servers").addObject().put("url", "/");
        // open where no passphrase is wanted
        ArrayNode security = api.putArray("security");
        security.addObject();
        security.addObject().putArray("session");
        api.remove("tags");
        for (JsonNode path : api.path("paths")) {
            path.properties().forEach(each -> operation(each.getKey(), (ObjectNode) each.getValue()));
        }
    }

    void components(ObjectNode components) {
        components
                .putObject("securitySchemes")
                .putObject("session")
                .put("type", "apiKey")
                .put("in", "cookie")
                .put("name", "keel-session")
                .put("description", "Set by openSession where a passphrase is wanted.");
        ObjectNode problem = ((ObjectNode) components.path("schemas")).putObject("Problem");
        problem.put("type", "object")
                .put("description", "An error (RFC 9457); pointer, value and allowed name the field.");
        ObjectNode properties = problem.putObject("properties");
        for (String words : List.of("type", "title", "detail", "instance", "code", "pointer", "value", "allowed")) {
            properties.putObject(words).put("type", "string");
        }
        properties.putObject("status").put("type", "integer");
        for (String list : List.of("theirs", "yours")) {
            properties.putObject(list).put("type", "array").putObject("items").put("$ref", "#/components/schemas/Text");
        }
        problem.putArray("required").add("title").add("status").add("detail");
        ObjectNode responses = components.putObject("responses");
        REFUSALS.forEach((status, words) -> {
            ObjectNode response = responses.putObject("Refused" + status).put("description", words);
            response.putObject("content")
                    .putObject("application/problem+json")
                    .putObject("schema")
                    .put("$ref", "#/components/schemas/Problem");
        });
    }

    private void operation(String verb, ObjectNode operation) {
        String id = operation.path("operationId").asString();
        Method method = methods.get(id);
        if (method == null) {
            throw new IllegalStateException("two operations or none are called " + id);
        }
        String words = docs.of(method);
        if (words.isEmpty()) {
            throw new IllegalStateException(id + " says nothing of itself");
        }
        int end = words.indexOf(". ") + 1;
        operation.put("summary", words.substring(0, end > 0 ? end : words.length()));
        String tag = operation.path("tags").path(0).asString().replaceFirst("-controller$", "");
        operation.putArray("tags").add(tag);
        boolean matches = false;
        for (JsonNode parameter : operation.path("parameters")) {
            if (parameter.path("name").asString().equals("If-Match")) {
                matches = true;
                ((ObjectNode) parameter)
                        .put("required", true)
                        .put("description", "The revision this edit was made on, in quotes, as ETag told it.");
            }
        }
        if (READS_BYTES.contains(id)) {
            ObjectNode body = operation.putObject("requestBody").put("required", true);
            binary(body.putObject("content").putObject("application/octet-stream"));
        }
        responses(id, verb, operation, matches);
    }

    private void responses(String id, String verb, ObjectNode operation, boolean matches) {
        ObjectNode responses = (ObjectNode) operation.path("responses");
        boolean body = operation.has("requestBody");
        boolean named = operation
                .path("parameters")
                .valueStream()
                .anyMatch(each -> each.path("in").asString().equals("path"));
        if (CREATES.contains(id)) {
            JsonNode answer = responses.remove("200");
            responses.set("201", answer);
            header((ObjectNode) answer, "Location", "Where it stands.");
        }
        responses.properties().forEach(each -> success(Integer.parseInt(each.getKey()), (ObjectNode) each.getValue()));
        REFUSALS.keySet().stream()
                .filter(status -> switch (status) {
                    case 403, 429 -> id.equals("openSession");
                    case 404, 410 -> named;
                    case 412, 428 -> matches;
                    case 413 -> body;
                    case 422 -> body || !operation.path("parameters").isEmpty();
                    case 507 -> !verb.equals("get");
                    default -> true;
                })
                .forEach(status -> responses
                        .putObject(String.valueOf(status))
                        .put("$ref", "#/components/responses/Refused" + status));
    }

    private void success(int status, ObjectNode response) {
        response.put("description", HttpStatus.valueOf(status).getReasonPhrase());
        for (Map.Entry<String, JsonNode> content : response.path("content").properties()) {
            if (TEXTS.contains(content.getKey())) {
                ((ObjectNode) content.getValue()).putObject("schema").put("type", "string");
            } else if (!content.getKey().contains("json")) {
                binary((ObjectNode) content.getValue());
            } else if (content.getValue()
                    .path("schema")
                    .path("$ref")
                    .asString("")
                    .endsWith("/Saved")) {
                header(response, "ETag", "Its revision, in quotes.");
            }
        }
    }

    private void binary(ObjectNode content) {
        content.putObject("schema").put("type", "string").put("format", "binary");
    }

    private static void header(ObjectNode response, String name, String words) {
        ObjectNode headers =
                response.path("headers") instanceof ObjectNode known ? known : response.putObject("headers");
        headers.putObject(name).put("description", words).putObject("schema").put("type", "string");
    }
}
