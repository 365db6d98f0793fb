package app.brightkeel.core.review.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.BankChanges;
import app.brightkeel.core.rig.Pack;
import java.util.List;
import java.util.stream.Stream;

/** Packs in series are of one chemistry and capacity: the same current empties the smaller one and then reverses it. */
final class SeriesMixed implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.series-mixed", Link.BATTERY, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        List<Pack> packs = line.rig().harness().packs();
        WorstOf worst = new WorstOf();
        for (Pack upper : packs) {
            if (!upper.onTopOf().isEmpty()) {
                Pack lower = line.rig().harness().pack(upper.onTopOf());
                boolean alike = upper.chemistry() == lower.chemistry();
                boolean same = upper.capacityAh().equals(lower.capacityAh());
                worst.add(
                        alike ? same ? 1 : 0.1 : -1,
                        "{} stands in series with {} and is not like it: the same current empties one before the other.",
                        upper.name(),
                        lower.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(BankChanges.matchSeries(line), BankChanges.spares(line));
    }
}
