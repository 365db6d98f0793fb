package app.brightkeel.core.review.battery;

import app.brightkeel.core.harness.Parallel;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.BatteryChanges;
import app.brightkeel.core.rig.Pack;
import java.util.List;
import java.util.stream.Stream;

/** Packs in parallel are of one age: the older one drags the newer down, and neither tells what is left. */
final class UnlikeAge implements Rule {

    /** Shares of capacity that differ by less are one age; common practice, no source. */
    private static final double ALIKE = 0.1;

    @Override
    public Identity identity() {
        return new Identity("battery.unlike-age", Link.BATTERY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        List<Pack> joined = Parallel.joined(line.rig());
        WorstOf worst = new WorstOf();
        for (Pack pack : joined) {
            Pack first = joined.get(0);
            if (pack != first && pack.age().isSet() && first.age().isSet()) {
                worst.add(
                        WorstOf.within(Math.abs(pack.age().value() - first.age().value()), ALIKE),
                        "{} holds {} of its rating and {} {}: joined, the older drags the newer down.",
                        first.name(),
                        new Amount(first.age().value(), Unit.PERCENT),
                        pack.name(),
                        new Amount(pack.age().value(), Unit.PERCENT));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BatteryChanges.take(line);
    }
}
