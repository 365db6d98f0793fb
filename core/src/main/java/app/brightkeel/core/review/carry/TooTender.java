package app.brightkeel.core.review.carry;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.carry.CarryChanges;
import java.util.stream.Stream;

/** It stands upright by itself. */
final class TooTender implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.too-tender", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return Floating.judge(line, Afloat::settled, afloat -> {
            double gm = afloat.gmM();
            return Rule.measured(
                    gm <= Afloat.LEAST_GM_M
                            ? 0
                            : Math.min(1, COMFORTABLE + (gm - Afloat.LEAST_GM_M) / Afloat.LEAST_GM_M),
                    "Metacentre and centre of gravity are {} apart: your own balance decides how upright it stands, "
                            + "and no heel is given.",
                    new Amount(gm, Unit.MILLIMETRE));
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CarryChanges.lower(line);
    }

    @Override
    public Text byHand() {
        return Text.of(
                "It stands by your own balance: sit lower, carry less above the deck, or take a wider craft for this gear.");
    }
}
