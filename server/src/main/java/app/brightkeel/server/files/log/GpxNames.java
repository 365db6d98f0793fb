package app.brightkeel.server.files.log;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * What the elements of a track's points are called: GPX leaves that to whoever writes it. The table is
 * {@code log/gpx-names.csv}; common practice, no source.
 */
final class GpxNames {

    /** What an element says. */
    enum Says {
        DEPTH,
        WATER,
        /** A temperature that does not say of what: the water's where nothing else is. */
        EITHER,
        AIR
    }

    /**
     * One name.
     *
     * @param unit it is in, where neither an attribute nor its text says another
     */
    record Entry(Says says, LogUnit unit) {}

    private static final Map<String, Entry> TABLE = table();

    private GpxNames() {}

    private static Map<String, Entry> table() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader in = new InputStreamReader(
                Objects.requireNonNull(GpxNames.class.getResourceAsStream("/log/gpx-names.csv")),
                StandardCharsets.UTF_8)) {
            Map<String, Entry> table = new HashMap<>();
            for (CSVRecord row : format.parse(in)) {
                LogUnit unit = LogUnit.named(row.get("unit"), row.get("says").equals("depth"))
                        .orElseThrow();
                table.put(
                        row.get("name"), new Entry(Says.valueOf(row.get("says").toUpperCase(Locale.ROOT)), unit));
            }
            return Map.copyOf(table);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @param local an element's name without its namespace: {@code waterTemp}, {@code water_temp}, {@code WaterTemp} */
    static Optional<Entry> of(String local) {
        return Optional.ofNullable(TABLE.get(local.toLowerCase(Locale.ROOT).replaceAll("[-_.]", "")));
    }
}
