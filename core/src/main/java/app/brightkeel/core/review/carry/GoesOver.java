package app.brightkeel.core.review.carry;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.carry.BallastChanges;
import app.brightkeel.core.review.change.carry.CarryChanges;
import java.util.stream.Stream;

/** It stands somewhere before the water comes over its side. */
final class GoesOver implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.goes-over", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return Floating.judge(line, it -> it.settled() && it.steady(), afloat -> {
            double degrees = Math.abs(Math.toDegrees(afloat.heelRad()));
            return Rule.measured(
                    afloat.goesOver() ? -1 : 1,
                    "It goes over to the {}: at {} the water stands at the edge of the deck, and the load still pulls it on.",
                    afloat.sideKgM() < 0 ? "left" : "right",
                    new Amount(degrees, Unit.DEGREE));
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        double side = line.get(FloatStage.STAGE).map(Afloat::sideKgM).orElse(0.0);
        return Stream.of(
                        BallastChanges.shifted(line),
                        CarryChanges.towards(line, -Math.signum(side)),
                        BallastChanges.level(line),
                        CarryChanges.lighter(line))
                .flatMap(each -> each);
    }

    @Override
    public Text byHand() {
        return Text.of("Do not go out like this: bring the load to the middle line, or leave it ashore.");
    }
}
