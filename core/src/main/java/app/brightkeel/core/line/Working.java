package app.brightkeel.core.line;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Figure;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * How a number came about: inputs, formula, steps, result, source.
 *
 * @param formula in the usual notation, "" where the rows say it all
 */
public record Working(Text title, String formula, Source source, List<Row> rows) {

    public Working {
        rows = List.copyOf(rows);
    }

    /** One line of a working. */
    public sealed interface Row {
        /** A figure of the rig, with its basis and its place. */
        record Entered(String symbol, Text label, Amount amount, Figure.Basis basis, String pointer) implements Row {}

        /** A result of another working, which can be opened. */
        record Opened(String symbol, Text label, Amount amount, Working working) implements Row {}

        /** A value between. */
        record Step(String symbol, Text label, Amount amount) implements Row {}

        /** What comes out. */
        record Result(String symbol, Text label, Amount amount) implements Row {}

        /** Something to know that is no number. */
        record Remark(Text label) implements Row {}

        /** Something that is missing, with its place. */
        record Wanted(String pointer) implements Row {}
    }

    public static Builder of(String title, String formula, Source source) {
        return new Builder(Text.of(title), formula, source);
    }

    /** With a title that carries names or amounts. */
    public static Builder of(Text title, String formula, Source source) {
        return new Builder(title, formula, source);
    }

    /** A working that only says what is missing. */
    public static Working missing(String title, List<String> pointers) {
        return new Working(
                Text.of(title),
                "",
                Source.derived("waits for figures that are never assumed"),
                pointers.stream().map(p -> (Row) new Row.Wanted(p)).toList());
    }

    /** Every figure this working stands on, through what it opens. */
    public Set<String> pointers() {
        Set<String> all = new HashSet<>();
        collect(all);
        return all;
    }

    private void collect(Set<String> all) {
        for (Row row : rows) {
            if (row instanceof Row.Entered entered) {
                all.add(entered.pointer());
            } else if (row instanceof Row.Opened opened) {
                opened.working().collect(all);
            } else if (row instanceof Row.Wanted wanted) {
                all.add(wanted.pointer());
            }
        }
    }

    /** Gathers rows in order. */
    public static final class Builder {
        private final Text title;
        private final String formula;
        private final Source source;
        private final List<Row> rows = new ArrayList<>();

        private Builder(Text title, String formula, Source source) {
            this.title = title;
            this.formula = formula;
            this.source = source;
        }

        /** A figure; an unset one becomes a line that asks for it. */
        public Builder figure(String symbol, String label, Figure figure, Unit unit, String pointer) {
            rows.add(
                    figure.isSet()
                            ? new Row.Entered(
                                    symbol, Text.of(label), new Amount(figure.value(), unit), figure.basis(), pointer)
                            : new Row.Wanted(pointer));
            return this;
        }

        public Builder opened(String symbol, String label, double si, Unit unit, Working working) {
            rows.add(new Row.Opened(symbol, Text.of(label), new Amount(si, unit), working));
            return this;
        }

        public Builder step(String symbol, String label, double si, Unit unit) {
            return step(symbol, Text.of(label), si, unit);
        }

        /** With names or amounts in its words. */
        public Builder step(String symbol, Text label, double si, Unit unit) {
            rows.add(new Row.Step(symbol, label, new Amount(si, unit)));
            return this;
        }

        public Builder result(String symbol, String label, double si, Unit unit) {
            rows.add(new Row.Result(symbol, Text.of(label), new Amount(si, unit)));
            return this;
        }

        public Builder remark(String template, Object... parts) {
            rows.add(new Row.Remark(Text.of(template, parts)));
            return this;
        }

        public Working done() {
            return new Working(title, formula, source, rows);
        }
    }
}
