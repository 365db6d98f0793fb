package app.brightkeel.server.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Tables as CSV (RFC 4180), one line each under a line of names. */
final class Csv {

    private Csv() {}

    static String of(List<String> names, List<List<String>> rows) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(names.toArray(String[]::new))
                .get();
        StringBuilder all = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(all, format)) {
            for (List<String> row : rows) {
                printer.printRecord(row.stream().map(Csv::plain).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all.toString();
    }

    /** A spreadsheet takes what begins like this for a formula; an apostrophe keeps it words. */
    private static String plain(String words) {
        return !words.isEmpty() && "=+-@\t".indexOf(words.charAt(0)) >= 0 ? "'" + words : words;
    }
}
