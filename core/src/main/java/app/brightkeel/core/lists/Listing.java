package app.brightkeel.core.lists;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import java.util.List;
import java.util.Optional;

/**
 * A table: a column is words, or amounts of one unit; a row is one thing.
 *
 * @param rows as many cells as there are columns
 */
public record Listing(List<Column> columns, List<List<Cell>> rows) {

    public Listing {
        columns = List.copyOf(columns);
        rows = rows.stream().map(List::copyOf).toList();
    }

    /** @param unit of every amount in it; empty for words, and where each row has its own */
    public record Column(String name, Optional<Unit> unit) {}

    /** What stands in one place. */
    public sealed interface Cell {

        /** Words, with whatever amounts stand among them. */
        record Words(Text text) implements Cell {}

        /** A bare number in the unit of its column, or in its own; empty where it is open. */
        record Number(Optional<Amount> amount) implements Cell {}

        /** The unit of an amount that stands beside it. */
        record UnitOf(Amount amount) implements Cell {}
    }
}
