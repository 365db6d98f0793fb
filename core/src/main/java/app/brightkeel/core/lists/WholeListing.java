package app.brightkeel.core.lists;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.parts.Bill;
import app.brightkeel.core.parts.WholeList;
import app.brightkeel.core.parts.WholeList.Row;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Having;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Everything with what it costs, and what that comes to in the last lines. */
final class WholeListing {

    private static final String SUM = "total";

    /** What sums are of. */
    private static final List<String> WHOLE = List.of("rig");

    private WholeListing() {}

    private static boolean sums(Row row) {
        return row.what().equals(SUM);
    }

    static Listing of(Line line) {
        List<Row> rows = WholeList.of(line);
        List<Row> all = new ArrayList<>(rows);
        Figure budget = line.entered().purse().budget();
        Bill bill = Bill.of(rows, budget);
        all.add(sum("to be had, as far as prices are known", bill.toBuy()));
        if (bill.unknown() > 0) {
            all.add(new Row(
                    WHOLE,
                    SUM,
                    Text.of("lines to be had without a price"),
                    new Amount(bill.unknown(), Unit.COUNT),
                    Having.BUY,
                    Optional.empty(),
                    false,
                    ""));
        }
        if (budget.isSet()) {
            all.add(sum("may be spent", budget.value()));
        }
        bill.breaks().ifPresent(row -> all.add(sum(Text.of("it goes over with: {}", row.name()), bill.toBuy())));
        return new Columns<Row>()
                .words("ids", row -> String.join(" ", row.ids()))
                .words("what", Row::what)
                .text("item", Row::name)
                .amount("amount", Row::amount)
                .words("on hand or to buy", row -> sums(row) ? "" : row.having().words())
                .number("price of all", Unit.MONEY, Row::price)
                .words(
                        "whose price",
                        row -> sums(row)
                                ? ""
                                : row.usual() ? "usual" : row.price().isEmpty() ? "" : "yours")
                .words("note", Row::note)
                .of(all);
    }

    private static Row sum(String words, double money) {
        return sum(Text.of(words), money);
    }

    private static Row sum(Text words, double money) {
        return new Row(
                WHOLE,
                SUM,
                words,
                new Amount(1, Unit.COUNT),
                Having.BUY,
                Optional.of(new Amount(money, Unit.MONEY)),
                false,
                "");
    }
}
