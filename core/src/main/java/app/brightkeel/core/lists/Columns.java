package app.brightkeel.core.lists;

import app.brightkeel.core.lists.Listing.Cell;
import app.brightkeel.core.lists.Listing.Column;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * What is told of each thing of a list, column by column.
 *
 * @param <T> what a row is about
 */
final class Columns<T> {

    private record Told<T>(Column column, Function<T, Cell> cell) {}

    private final List<Told<T>> all = new ArrayList<>();

    Columns<T> words(String name, Function<T, String> cell) {
        return text(name, thing -> Text.of("{}", cell.apply(thing)));
    }

    Columns<T> text(String name, Function<T, Text> cell) {
        all.add(new Told<>(new Column(name, Optional.empty()), thing -> new Cell.Words(cell.apply(thing))));
        return this;
    }

    /** @param amount in {@code unit}; empty where it is open */
    Columns<T> number(String name, Unit unit, Function<T, Optional<Amount>> amount) {
        all.add(new Told<>(new Column(name, Optional.of(unit)), thing -> new Cell.Number(amount.apply(thing))));
        return this;
    }

    /** A number and its unit in two columns, for rows that differ in theirs. */
    Columns<T> amount(String name, Function<T, Amount> amount) {
        all.add(new Told<>(
                new Column(name, Optional.empty()), thing -> new Cell.Number(Optional.of(amount.apply(thing)))));
        all.add(new Told<>(new Column("unit", Optional.empty()), thing -> new Cell.UnitOf(amount.apply(thing))));
        return this;
    }

    /** A number whose unit stands in a column of its own. */
    Columns<T> bare(String name, Function<T, Optional<Amount>> amount) {
        all.add(new Told<>(new Column(name, Optional.empty()), thing -> new Cell.Number(amount.apply(thing))));
        return this;
    }

    Listing of(List<T> things) {
        return new Listing(
                all.stream().map(Told::column).toList(),
                things.stream()
                        .map(thing -> all.stream()
                                .map(told -> told.cell().apply(thing))
                                .toList())
                        .toList());
    }
}
