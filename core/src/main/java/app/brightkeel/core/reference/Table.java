package app.brightkeel.core.reference;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** A table read once from a CSV resource that names its source. */
public final class Table {

    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setCommentMarker('#')
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreSurroundingSpaces(true)
            .get();

    private final String source;
    private final List<CSVRecord> rows;

    private Table(String source, List<CSVRecord> rows) {
        this.source = source;
        this.rows = rows;
    }

    /** Reads {@code name} beside {@code owner}; a table without a source line or without rows is a fault of ours. */
    public static Table read(Class<?> owner, String name) {
        try (InputStream in = Objects.requireNonNull(owner.getResourceAsStream(name), name);
                CSVParser parser = FORMAT.parse(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            String head = Objects.requireNonNullElse(parser.getHeaderComment(), "");
            List<CSVRecord> rows = parser.getRecords();
            if (!head.contains("source:") || rows.isEmpty()) {
                throw new IllegalStateException(name + " names no source or holds no row");
            }
            return new Table(
                    head.replaceFirst("(?s).*?source:\\s*", "")
                            .lines()
                            .findFirst()
                            .orElse(""),
                    rows);
        } catch (IOException e) {
            throw new UncheckedIOException(name, e);
        }
    }

    /** The source as the file names it. */
    public String source() {
        return source;
    }

    public List<CSVRecord> rows() {
        return rows;
    }

    /** One column as numbers, top to bottom. */
    public double[] column(String name) {
        return rows.stream().mapToDouble(row -> number(row, name)).toArray();
    }

    /** One column as written, top to bottom. */
    public List<String> words(String name) {
        return rows.stream().map(row -> row.get(name)).toList();
    }

    /** What one column says of another's words, in the order of the file. */
    public Map<String, String> said(String of, String name) {
        Map<String, String> all = new LinkedHashMap<>();
        rows.forEach(row -> all.put(row.get(of), row.get(name)));
        return Collections.unmodifiableMap(all);
    }

    /** A curve from two columns; the first must rise. */
    public Curve curve(String x, String y) {
        return new Curve(column(x), column(y));
    }

    /** A constant as tables write it: small letters and hyphens. */
    public static <E extends Enum<E>> E constant(Class<E> type, String written) {
        return Enum.valueOf(type, written.toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    /** The same the other way: a constant as tables and ids of changes write it. */
    public static String written(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** A number of one row. */
    public static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }
}
