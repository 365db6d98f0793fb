package app.brightkeel.server.files;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Unit;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * A table as CSV (RFC 4180): a line of names, then a line for each thing and nothing else. A column is words, or bare
 * numbers with their unit in its name.
 *
 * @param <T> what a line is about
 */
final class Csv<T> {

    /** What a spreadsheet takes for the beginning of a formula, in the wide forms of eastern keyboards as well. */
    private static final String FORMULA = "=+-@\t\r\uff1d\uff0b\uff0d\uff20";

    /** Whoever adds up wants more than whoever reads. */
    private static final int FINER = 2;

    private record Column<T>(String name, Function<T, String> cell) {}

    private final Habit habit;
    private final List<Column<T>> columns = new ArrayList<>();

    Csv(Habit habit) {
        this.habit = habit;
    }

    Csv<T> words(String name, Function<T, String> cell) {
        columns.add(new Column<>(name, thing -> plain(cell.apply(thing))));
        return this;
    }

    /** @param amount in {@code unit}; the cell is empty where there is none */
    Csv<T> number(String name, Unit unit, Function<T, Optional<Amount>> amount) {
        String symbol = symbol(unit);
        columns.add(new Column<>(
                symbol.isEmpty() ? name : name + " [" + symbol + "]",
                thing -> amount.apply(thing).map(this::number).orElse("")));
        return this;
    }

    /** A number and its unit in two columns, for lines that differ in theirs. */
    Csv<T> amount(String name, Function<T, Amount> amount) {
        columns.add(new Column<>(name, thing -> number(amount.apply(thing))));
        columns.add(new Column<>("unit", thing -> symbol(amount.apply(thing).unit())));
        return this;
    }

    String of(List<T> things) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(columns.stream().map(Column::name).toArray(String[]::new))
                .get();
        StringBuilder all = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(all, format)) {
            for (T thing : things) {
                printer.printRecord(columns.stream()
                        .map(column -> column.cell().apply(thing))
                        .toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all.toString();
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

    /** An apostrophe keeps it words. */
    private static String plain(String words) {
        return !words.isEmpty() && FORMULA.indexOf(words.charAt(0)) >= 0 ? "'" + words : words;
    }
}
