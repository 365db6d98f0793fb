package app.brightkeel.server.files;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.files.old.Migration;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads a rig document: the one function for requests, store, import and command line.
 *
 * <p>Parse, look at format and version, migrate, bind. Whatever is wrong comes out as a {@link Refusal} whose field is
 * a JSON Pointer into the document; no class name leaves.
 */
public final class RigReader {

    private final JsonMapper mapper;

    public RigReader() {
        this(RigJson.mapper());
    }

    public RigReader(JsonMapper mapper) {
        this.mapper = mapper;
    }

    /** @throws Refusal naming the pointer, the value and what is allowed */
    public Rig read(byte[] bytes) {
        ObjectNode document = object(bytes);
        int version = version(document);
        ObjectNode current = Migration.of(document, version);
        try {
            return mapper.treeToValue(current, RigDocument.class).rig();
        } catch (JacksonException e) {
            throw JsonRefusals.of(e);
        }
    }

    private ObjectNode object(byte[] bytes) {
        JsonNode tree;
        try {
            tree = mapper.reader()
                    .with(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .readTree(bytes);
        } catch (StreamReadException e) {
            throw new Refusal(
                    RefusalCode.UNREADABLE,
                    "",
                    "",
                    "not JSON, near line " + e.getLocation().getLineNr() + " column "
                            + e.getLocation().getColumnNr());
        } catch (JacksonException e) {
            throw JsonRefusals.of(e);
        }
        if (!(tree instanceof ObjectNode object)) {
            throw new Refusal(
                    RefusalCode.UNREADABLE, "", "", "a rig document is a JSON object with format, version and rig");
        }
        return object;
    }

    private static int version(ObjectNode document) {
        JsonNode format = document.path("format");
        if (!format.isString() || !format.asString().equals(RigDocument.FORMAT)) {
            throw new Refusal(
                    RefusalCode.UNREADABLE,
                    "/format",
                    shown(format),
                    "\"" + RigDocument.FORMAT + "\": is this a rig file?");
        }
        JsonNode version = document.path("version");
        if (!version.isInt() || version.asInt() < 1 || version.asInt() > RigDocument.VERSION) {
            throw new Refusal(
                    RefusalCode.OUT_OF_RANGE,
                    "/version",
                    shown(version),
                    "1 to " + RigDocument.VERSION + "; a file of a later version wants a later Bright Keel");
        }
        return version.asInt();
    }

    private static String shown(JsonNode node) {
        return node.isMissingNode() ? "absent" : node.isString() ? node.asString() : node.toString();
    }
}
