package app.brightkeel.server.files;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** How wide words are in the font of the pictures. */
final class LetterWidths {

    private static final int BOLD_FROM = 600;
    private static final double PER_SIZE = 1000;

    /** Of what is not in the table: as wide as most scripts are. */
    private static final Width OTHER = new Width(1000, 1000);

    private record Width(int regular, int bold) {}

    private static final Map<Integer, Width> TABLE = table();

    private LetterWidths() {}

    private static Map<Integer, Width> table() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setCommentMarker('#')
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader in = new InputStreamReader(
                Objects.requireNonNull(LetterWidths.class.getResourceAsStream("/svg/letter-widths.csv")),
                StandardCharsets.UTF_8)) {
            Map<Integer, Width> table = new HashMap<>();
            for (CSVRecord row : format.parse(in)) {
                table.put(
                        Integer.parseInt(row.get("letter"), 16),
                        new Width(Integer.parseInt(row.get("regular")), Integer.parseInt(row.get("bold"))));
            }
            return Map.copyOf(table);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** In the unit of {@code size}. */
    static double of(String words, double size, int weight) {
        return words.codePoints()
                        .mapToObj(letter -> TABLE.getOrDefault(letter, OTHER))
                        .mapToInt(width -> weight >= BOLD_FROM ? width.bold() : width.regular())
                        .sum()
                * size
                / PER_SIZE;
    }
}
