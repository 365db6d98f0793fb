package app.brightkeel.core.parts;

import app.brightkeel.core.parts.WholeList.Row;
import app.brightkeel.core.rig.Figure;
import java.util.List;
import java.util.Optional;

/**
 * What a whole list comes to.
 *
 * @param toBuy   known prices of all that has yet to be had
 * @param unknown lines that have yet to be had and of which nobody knows the price
 * @param breaks  the line with which the sum goes over what may be spent; empty where it does not, or nobody said
 */
public record Bill(double toBuy, long unknown, Optional<Row> breaks) {

    /** Of a list in its order, against what may be spent. */
    public static Bill of(List<Row> rows, Figure budget) {
        double sum = 0;
        Optional<Row> breaks = Optional.empty();
        for (Row row : rows) {
            sum += row.costs();
            if (breaks.isEmpty() && row.costs() > 0 && budget.isSet() && sum > budget.value()) {
                breaks = Optional.of(row);
            }
        }
        long unknown = rows.stream()
                .filter(row -> row.missing() && row.price().isEmpty())
                .count();
        return new Bill(sum, unknown, breaks);
    }
}
