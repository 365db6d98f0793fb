package app.brightkeel.server.files;

import app.brightkeel.core.lists.Listing;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Unit;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * A list as CSV (RFC 4180): a line of names, then a line for each thing and nothing else. A column is words, or bare
 * numbers with their unit in its name.
 */
public final class ListCsv {

    /** What a spreadsheet takes for the beginning of a formula, in the wide forms of eastern keyboards as well. */
    private static final String FORMULA = "=+-@\t\r\uff1d\uff0b\uff0d\uff20";

    /** Whoever adds up wants more than whoever reads. */
    private static final int FINER = 2;

    private final Habit habit;

    private ListCsv(Habit habit) {
        this.habit = habit;
    }

    public static String of(Listing list, Habit habit) {
        ListCsv csv = new ListCsv(habit);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(list.columns().stream().map(csv::header).toArray(String[]::new))
                .get();
        StringBuilder all = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(all, format)) {
            for (List<Listing.Cell> row : list.rows()) {
                printer.printRecord(row.stream().map(csv::cell).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all.toString();
    }

    private String header(Listing.Column column) {
        String symbol = column.unit().map(this::symbol).orElse("");
        return symbol.isEmpty() ? column.name() : column.name() + " [" + symbol + "]";
    }

    private String cell(Listing.Cell cell) {
        if (cell instanceof Listing.Cell.Number number) {
            return number.amount().map(this::number).orElse("");
        }
        return cell instanceof Listing.Cell.UnitOf unit
                ? symbol(unit.amount().unit())
                : plain(((Listing.Cell.Words) cell).text().in(habit));
    }

    private Unit.Shown shown(Unit unit) {
        return habit == Habit.US ? unit.us() : unit.metric();
    }

    private String symbol(Unit unit) {
        return shown(unit).symbol();
    }

    private String number(Amount amount) {
        Unit.Shown shown = shown(amount.unit());
        if (shown.style() == Unit.Style.WIRE_GAUGE) {
            // a gauge is a number by itself
            return amount.in(habit).replace(" " + shown.symbol(), "");
        }
        int decimals = shown.style() == Unit.Style.FEET_INCHES ? FINER : shown.decimals();
        BigDecimal number = BigDecimal.valueOf(amount.si() * shown.factor() + shown.offset())
                .setScale(decimals + FINER, RoundingMode.HALF_UP)
                .stripTrailingZeros();
        return number.signum() == 0 ? "0" : number.toPlainString();
    }

    /** The same taken back. */
    static String unquoted(String words) {
        boolean kept = words.length() > 1 && words.charAt(0) == '\'' && FORMULA.indexOf(words.charAt(1)) >= 0;
        return kept ? words.substring(1) : words;
    }

    /** An apostrophe keeps it words. */
    static String plain(String words) {
        return !words.isEmpty() && FORMULA.indexOf(words.charAt(0)) >= 0 ? "'" + words : words;
    }
}
