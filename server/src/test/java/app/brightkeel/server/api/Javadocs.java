package app.brightkeel.server.api;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.reflect.Method;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What the sources say of methods and records: the contract repeats it, so that it is written once. */
final class Javadocs {

    private static final List<Path> ROOTS =
            List.of(Path.of("src", "main", "java"), Path.of("..", "core", "src", "main", "java"));

    /** Ends of a comment and of the annotations behind it. */
    private static final String COMMENT =
            "/\\*\\*((?:(?!\\*/).)*)\\*/\\s*(?:@\\w+(?:\\((?:[^()\"]|\"[^\"]*\"|\\([^()]*\\))*\\))?\\s*)*";

    private static final Pattern PARAM = Pattern.compile("@param\\s+(\\w+)\\s+((?:(?!\\s@\\w).)*)", Pattern.DOTALL);

    private static final Pattern BESIDE = Pattern.compile("\\{@code\\s+(\\w+)}");

    private final Map<Path, String> read = new HashMap<>();

    /** The first paragraph, in words; empty where nothing is said. */
    String of(Method method) {
        return comment(method.getDeclaringClass(), "[^;{}()=]*?\\b" + method.getName() + "\\(");
    }

    /** What is said of each component of a record. */
    Map<String, String> components(Class<?> record) {
        Matcher params = PARAM.matcher(raw(record, "[^;{}()=]*?\\brecord\\s+" + record.getSimpleName() + "\\("));
        Map<String, String> all = new LinkedHashMap<>();
        while (params.find()) {
            String words = plain(params.group(2));
            all.put(params.group(1), words);
            // told in one breath: "what it starts at, and {@code to} what it ends at"
            Matcher beside = BESIDE.matcher(params.group(2));
            while (beside.find()) {
                all.put(beside.group(1), words);
            }
        }
        return all;
    }

    /** What is said of a record, a sum or an enum itself. */
    String of(Class<?> type) {
        return comment(type, "[^;{}()=]*?\\b(?:record|interface|enum)\\s+" + type.getSimpleName() + "\\b");
    }

    private String comment(Class<?> type, String declared) {
        String raw = raw(type, declared);
        int tags = raw.indexOf("\n@");
        return plain(tags < 0 ? raw : raw.substring(0, tags));
    }

    private String raw(Class<?> type, String declared) {
        Matcher found = Pattern.compile(COMMENT + declared, Pattern.DOTALL).matcher(source(type));
        return found.find()
                ? Stream.of(found.group(1).split("\n"))
                        .map(line -> line.strip().replaceFirst("^\\*\\s?", ""))
                        .collect(Collectors.joining("\n"))
                : "";
    }

    private static String plain(String words) {
        return words.replaceAll("\\{@\\w+\\s+#?([^}]*)}", "$1")
                .replaceAll("<[^>]*>", "")
                .replaceAll("\\s+", " ")
                .strip();
    }

    private String source(Class<?> type) {
        Class<?> outer = type;
        while (outer.getEnclosingClass() != null) {
            outer = outer.getEnclosingClass();
        }
        String file = outer.getName().replace('.', '/') + ".java";
        return ROOTS.stream()
                .map(root -> root.resolve(file))
                .filter(Files::exists)
                .findFirst()
                .map(path -> read.computeIfAbsent(path, Javadocs::text))
                .orElse("");
    }

    private static String text(Path path) {
        try {
            return Files.readString(path);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
