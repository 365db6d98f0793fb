package app.brightkeel.core.review.carry;

import app.brightkeel.core.enclosure.Warmth;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.BoxChanges;
import java.util.stream.Stream;

/** What works in a shut box heats it; from 55 °C on it is past what marine electronics are tested at. */
final class HeatShutIn implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.heat-shut-in", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (ShutBox box : ShutBox.all(line)) {
            Warmth warmth = box.warmth();
            worst.add(
                    WorstOf.within(Math.max(0, warmth.insideC()), Warmth.MOST_C),
                    "{} turned into heat in the shut {} bring it to {} in the shade; electronics are tested to {}.",
                    new Amount(warmth.watts(), Unit.WATT),
                    box.name(),
                    new Amount(warmth.insideC(), Unit.CELSIUS),
                    new Amount(Warmth.MOST_C, Unit.CELSIUS));
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BoxChanges.vented(line);
    }
}
