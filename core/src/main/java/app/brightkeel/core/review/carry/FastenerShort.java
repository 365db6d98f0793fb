package app.brightkeel.core.review.carry;

import app.brightkeel.core.fastening.Fastened;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.FastenerChanges;
import java.util.stream.Stream;

/** A fastener passes its layers and bites the last by what it wants. */
final class FastenerShort implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.fastener-short", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        line.rig()
                .fitOut()
                .fasteners()
                .forEach(fastener -> Fastened.of(fastener)
                        .ifPresent(ends -> worst.add(
                                ends.holds() ? 1 : -1,
                                "{}: {} bite after the layers, and at least {} should.",
                                Worded.capital(Worded.capital(fastener.name())),
                                new Amount(Math.max(0, ends.bitesM()), Unit.FINE_MILLIMETRE),
                                new Amount(ends.wantsM(), Unit.FINE_MILLIMETRE))));
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return FastenerChanges.fitting(line);
    }

    @Override
    public Text byHand() {
        return Text.of("A thinner layer, a counterbore for its head, or a thicker block behind.");
    }
}
