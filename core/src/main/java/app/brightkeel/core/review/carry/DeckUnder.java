package app.brightkeel.core.review.carry;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Rounding;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.carry.CarryChanges;
import java.util.stream.Stream;

/** The deck stays over the water. */
final class DeckUnder implements Rule {

    /** Deck over the water that is comfortable; common practice, no source [m]. */
    private static final double LEAST_M = 0.05;

    @Override
    public Identity identity() {
        return new Identity("carry.deck-under", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return Floating.judge(line, Afloat::settled, afloat -> {
            double free = Rounding.settled(afloat.freeM());
            return Rule.measured(
                    free < 0 ? free / LEAST_M : Math.min(1, COMFORTABLE * free / LEAST_M),
                    free < 0
                            ? "Amidships the deck lies {} under the water."
                            : "Amidships the deck stands {} over the water.",
                    new Amount(Math.abs(free), Unit.MILLIMETRE));
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CarryChanges.lighter(line);
    }
}
