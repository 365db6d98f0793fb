package app.brightkeel.core.parts;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Figure;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What has yet to be had, by sort, and what that comes to against what may be spent. */
public final class BillWorking {

    private BillWorking() {}

    /** Empty where nobody said what may be spent. */
    public static Optional<Working> of(Line line) {
        Figure budget = line.rig().purse().budget();
        if (!budget.isSet()) {
            return Optional.empty();
        }
        List<WholeList.Row> rows = WholeList.of(line);
        Bill bill = Bill.of(rows, budget);
        Map<String, Double> sums = new LinkedHashMap<>();
        rows.stream().filter(row -> row.costs() > 0).forEach(row -> sums.merge(row.what(), row.costs(), Double::sum));
        Working.Builder told = Working.of(
                Text.of("What it costs to have it"),
                "sum of what is neither on hand nor comes with another part",
                Source.derived("prices of the person's own; usual ones, values from memory, where none is said"));
        told.figure("", "may be spent", budget, Unit.MONEY, "/purse/budget");
        sums.forEach((what, sum) -> told.step("", what, sum, Unit.MONEY));
        if (bill.unknown() > 0) {
            told.remark("{} lines have no price and are not in it", bill.unknown());
        }
        bill.breaks().ifPresent(row -> told.remark("it goes over with the line “{}”", row.name()));
        return Optional.of(
                told.result("", "to be had", bill.toBuy(), Unit.MONEY).done());
    }
}
