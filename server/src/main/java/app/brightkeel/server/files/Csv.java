package app.brightkeel.server.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Tables as CSV (RFC 4180), one line each under a line of names. */
final class Csv {

    /** What a spreadsheet takes for the beginning of a formula, in the wide forms of eastern keyboards as well. */
    private static final String FORMULA = "=+-@\t\r\uff1d\uff0b\uff0d\uff20";

    private Csv() {}

    /** @param row of one thing, a cell for each name */
    static <T> String of(List<String> names, List<T> things, Function<T, List<String>> row) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(names.toArray(String[]::new))
                .get();
        StringBuilder all = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(all, format)) {
            for (T thing : things) {
                printer.printRecord(row.apply(thing).stream().map(Csv::plain).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all.toString();
    }

    /** An apostrophe keeps it words. */
    private static String plain(String words) {
        return !words.isEmpty() && FORMULA.indexOf(words.charAt(0)) >= 0 ? "'" + words : words;
    }
}
