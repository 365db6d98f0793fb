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

/** It lies level fore and aft. */
final class Trims implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.trim", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return Floating.judge(line, Afloat::settled, afloat -> {
            double degrees = Math.toDegrees(afloat.trimRad());
            return Rule.measured(
                    Heels.headroom(degrees),
                    "It lies {} {}.",
                    new Amount(Math.abs(degrees), Unit.DEGREE),
                    degrees < 0 ? "bow down" : "bow up");
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CarryChanges.level(line);
    }

    @Override
    public Text byHand() {
        return Text.of("Shift what is heavy along the craft, or sit a hand farther towards the high end.");
    }
}
