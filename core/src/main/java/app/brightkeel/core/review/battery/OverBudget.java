package app.brightkeel.core.review.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.parts.Bill;
import app.brightkeel.core.parts.WholeList;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.BatteryChanges;
import app.brightkeel.core.rig.Figure;
import java.util.stream.Stream;

/** What has yet to be had comes to no more than may be spent; a battery is what is most often had cheaper. */
final class OverBudget implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.over-budget", Link.BATTERY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Figure budget = line.rig().purse().budget();
        if (!budget.isSet()) {
            return SILENT;
        }
        Bill bill = Bill.of(WholeList.of(line), budget);
        WorstOf worst = new WorstOf();
        worst.add(
                bill.breaks().isPresent() ? 0 : 1,
                "What has yet to be had comes to {}, and {} may be spent: it goes over with the line “{}”.",
                new Amount(bill.toBuy(), Unit.MONEY),
                new Amount(budget.value(), Unit.MONEY),
                bill.breaks().map(WholeList.Row::name).orElse(Text.of("")));
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BatteryChanges.candidates(line).stream();
    }

    @Override
    public Text byHand() {
        return Text.of("Say what is on hand, borrow, buy second-hand, or leave out what is only comfort.");
    }
}
