package app.brightkeel.server.files;

import app.brightkeel.core.reference.Table;
import java.util.Map;
import java.util.stream.Collectors;

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
        return Table.read(LetterWidths.class, "/svg/letter-widths.csv").rows().stream()
                .collect(Collectors.toMap(
                        row -> Integer.parseInt(row.get("letter"), 16),
                        row -> new Width(Integer.parseInt(row.get("regular")), Integer.parseInt(row.get("bold")))));
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
