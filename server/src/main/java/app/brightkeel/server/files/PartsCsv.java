package app.brightkeel.server.files;

import app.brightkeel.core.parts.PartsList.Part;
import app.brightkeel.core.quantity.Habit;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Parts as CSV (RFC 4180), one line each under a line of names. */
public final class PartsCsv {

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader("part", "what", "name", "size", "note")
            .get();

    private PartsCsv() {}

    public static String of(List<Part> parts, Habit habit) {
        StringBuilder all = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(all, FORMAT)) {
            for (Part part : parts) {
                printer.printRecord(
                        part.id(),
                        part.what(),
                        plain(part.name()),
                        plain(part.size().in(habit)),
                        plain(part.note()));
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
