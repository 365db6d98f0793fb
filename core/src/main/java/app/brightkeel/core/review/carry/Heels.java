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

/** It stands upright with everything in its place. */
final class Heels implements Rule {

    /** Standing heel that passes, and that passes with a word; common practice, no source [°]. */
    private static final double HOLDS_DEG = 1;

    private static final double MOST_DEG = 3;

    /** Where a counterweight would lie [m]. */
    private static final double ARM_M = 0.30;

    @Override
    public Identity identity() {
        return new Identity("carry.heel", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return Floating.judge(line, it -> it.settled() && it.steady() && !it.goesOver(), afloat -> {
            double counter = Math.abs(afloat.sideKgM()) / ARM_M;
            double degrees = Math.toDegrees(afloat.heelRad());
            return Rule.measured(
                    headroom(degrees),
                    "It heels {} to the {}; {} at {} on the other side level it.",
                    new Amount(Math.abs(degrees), Unit.DEGREE),
                    degrees < 0 ? "left" : "right",
                    new Amount(counter, Unit.KILOGRAM),
                    new Amount(ARM_M, Unit.METRE));
        });
    }

    static double headroom(double signedDegrees) {
        double degrees = Math.abs(signedDegrees);
        return degrees <= HOLDS_DEG
                ? COMFORTABLE + (1 - COMFORTABLE) * (1 - degrees / HOLDS_DEG)
                : COMFORTABLE * (MOST_DEG - degrees) / (MOST_DEG - HOLDS_DEG);
    }

    @Override
    public Stream<Change> cures(Line line) {
        double side = line.get(FloatStage.STAGE).map(Afloat::sideKgM).orElse(0.0);
        return Stream.of(
                        CarryChanges.towards(line, -Math.signum(side)),
                        BallastChanges.shared(line),
                        BallastChanges.shifted(line),
                        BallastChanges.level(line),
                        CarryChanges.level(line))
                .flatMap(each -> each);
    }

    @Override
    public Text byHand() {
        return Text.of("Bring what is heavy to the middle line, or put something as heavy across from it.");
    }
}
