package app.brightkeel.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.google.gson.JsonPrimitive;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Spoilt copies of good documents and logs, the same for the same seed. */
final class Mutations {

    private static final List<String> ODD_NUMBERS = List.of(
            "0",
            "-1",
            "1",
            "0.5",
            "2",
            "40",
            "1e-9",
            "1e-308",
            "1e308",
            "1e400",
            "-0.0",
            "3.3333333333333335",
            "9007199254740993",
            "99999999999999999999",
            "0.999999",
            "1.000001");

    private static final List<String> ODD_WORDS = List.of(
            "\"\"",
            "\" \"",
            "\"undecided\"",
            "\"a\\u2028b\"",
            "\"\\ud83d\"",
            "\"\\ufffe\"",
            "\"\\u200b\"",
            "\"🐟\"",
            "\"=1+1\"",
            "\"＝1\"",
            "\"<b>&amp;\"",
            "\"../..\"",
            "\"NaN\"",
            "\"null\"",
            "\"" + "x".repeat(121) + "\"",
            "\"\\u0000\"",
            "\"{}\"",
            "\"%s\"");

    private static final List<String> ODD_VALUES =
            List.of("null", "{}", "[]", "true", "0", "\"\"", "[[[[]]]]", "{\"kind\":\"unset\"}", "{\"kind\":\"none\"}");

    private final Random random;

    Mutations(long seed) {
        this.random = new Random(seed);
    }

    private <T> T any(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    /** A rig's document with one to three things changed in it, or its text spoilt. */
    byte[] rig(String good) {
        if (random.nextInt(5) == 0) {
            return bytes(good.getBytes(StandardCharsets.UTF_8));
        }
        JsonElement root = JsonParser.parseString(good);
        List<Place> places = new ArrayList<>();
        places(root.getAsJsonObject().get("rig"), places);
        List<String> marks = new ArrayList<>();
        String text = null;
        for (int k = random.nextInt(3); k >= 0; k--) {
            text = changed(any(places), places, marks);
        }
        String written = root.toString();
        for (int m = 0; m < marks.size(); m++) {
            written = written.replace("\"@mark" + m + "@\"", marks.get(m));
        }
        return (text == null ? written : text).getBytes(StandardCharsets.UTF_8);
    }

    /** A value in the tree: of a field, or of a list. */
    private record Place(JsonElement holder, String field, int index) {
        JsonElement get() {
            return holder instanceof JsonObject object ? object.get(field) : ((JsonArray) holder).get(index);
        }

        boolean there() {
            return holder instanceof JsonObject object ? object.has(field) : index < ((JsonArray) holder).size();
        }

        void set(JsonElement value) {
            if (holder instanceof JsonObject object) {
                object.add(field, value);
            } else {
                ((JsonArray) holder).set(index, value);
            }
        }

        void remove() {
            if (holder instanceof JsonObject object) {
                object.remove(field);
            } else {
                ((JsonArray) holder).remove(index);
            }
        }
    }

    private static void places(JsonElement at, List<Place> all) {
        if (at instanceof JsonObject object) {
            for (Map.Entry<String, JsonElement> field : object.entrySet()) {
                all.add(new Place(object, field.getKey(), 0));
                places(field.getValue(), all);
            }
        } else if (at instanceof JsonArray array) {
            for (int i = 0; i < array.size(); i++) {
                all.add(new Place(array, "", i));
                places(array.get(i), all);
            }
        }
    }

    /** Changes the tree; what a tree cannot hold is put in for a mark once it is text. */
    private String changed(Place place, List<Place> others, List<String> marks) {
        if (!place.there()) {
            return null;
        }
        JsonElement value = place.get();
        switch (random.nextInt(10)) {
            case 0 -> place.remove();
            case 1 -> place.set(mark(any(ODD_VALUES), marks));
            case 2 -> {
                Place other = any(others);
                if (other.there()) {
                    place.set(other.get().deepCopy());
                }
            }
            case 3 -> twice(place);
            default -> place.set(odd(value, others, marks));
        }
        return null;
    }

    private static JsonPrimitive mark(String text, List<String> marks) {
        marks.add(text);
        return new JsonPrimitive("@mark" + (marks.size() - 1) + "@");
    }

    private void twice(Place place) {
        if (place.holder() instanceof JsonArray array) {
            JsonElement copy = place.get().deepCopy();
            if (copy instanceof JsonObject object && object.has("id")) {
                object.addProperty("id", "copy-" + random.nextInt(1000));
            }
            array.add(copy);
        }
    }

    /** Another value of the same sort: an odd number, the number times a power of ten, a word from elsewhere, an odd one. */
    private JsonElement odd(JsonElement value, List<Place> others, List<String> marks) {
        if (!(value instanceof JsonPrimitive primitive)) {
            return value;
        }
        if (primitive.isNumber()) {
            return random.nextBoolean()
                    ? mark(any(ODD_NUMBERS), marks)
                    : new JsonPrimitive(primitive.getAsDouble() * Math.pow(10, random.nextInt(7) - 3));
        }
        if (primitive.isBoolean()) {
            return new JsonPrimitive(!primitive.getAsBoolean());
        }
        if (random.nextInt(3) == 0) {
            return mark(any(ODD_WORDS), marks);
        }
        Place other = any(others);
        boolean word = other.there() && other.get() instanceof JsonPrimitive its && its.isString();
        return word ? other.get() : primitive;
    }

    /** Cut short, a stretch twice, bytes changed, bytes put in. */
    byte[] bytes(byte[] good) {
        switch (random.nextInt(4)) {
            case 0:
                return Arrays.copyOf(good, random.nextInt(good.length + 1));
            case 1:
                return spliced(good, good, random.nextInt(200));
            case 2:
                byte[] noise = new byte[1 + random.nextInt(40)];
                random.nextBytes(noise);
                return spliced(good, noise, noise.length);
            default:
                byte[] body = good.clone();
                for (int k = random.nextInt(4); k >= 0 && body.length > 0; k--) {
                    body[random.nextInt(body.length)] = (byte) random.nextInt(256);
                }
                return body;
        }
    }

    private byte[] spliced(byte[] good, byte[] from, int length) {
        int at = random.nextInt(good.length + 1);
        int start = random.nextInt(from.length);
        int some = Math.min(length, from.length - start);
        byte[] body = Arrays.copyOf(good, good.length + some);
        System.arraycopy(good, at, body, at + some, good.length - at);
        System.arraycopy(from, start, body, at, some);
        return body;
    }

    /** A log with some of its lines changed, gone, in another order, run together, or its bytes spoilt. */
    byte[] log(String good) {
        if (random.nextInt(3) == 0) {
            return bytes(good.getBytes(StandardCharsets.ISO_8859_1));
        }
        List<String> lines = new ArrayList<>(List.of(good.split("(?<=\n)")));
        for (int k = random.nextInt(8); k >= 0 && !lines.isEmpty(); k--) {
            int at = random.nextInt(lines.size());
            String line = lines.get(at);
            switch (random.nextInt(7)) {
                case 0 -> lines.remove(at);
                case 1 -> lines.add(at, line);
                case 2 -> lines.set(at, line.stripTrailing());
                case 3 -> lines.set(at, line.replaceFirst("[0-9.]+", any(ODD_NUMBERS)));
                case 4 -> lines.set(at, "\0".repeat(1 + random.nextInt(6000)) + line);
                case 5 -> lines.set(at, line.repeat(1 + random.nextInt(50)).replace("\r\n", ""));
                default ->
                    lines.add(
                            random.nextInt(lines.size()), line.replace("M", "f").replace("*", ""));
            }
        }
        return String.join("", lines).getBytes(StandardCharsets.ISO_8859_1);
    }
}
