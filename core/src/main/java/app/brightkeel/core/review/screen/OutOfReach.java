package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.screen.HolderChanges;
import java.util.stream.Stream;

/** A screen is worked from the seat: within reach of a stretched hand, unless a keypad that works it is aboard. */
final class OutOfReach implements Rule {

    @Override
    public Identity identity() {
        return new Identity("screen.out-of-reach", Link.SCREEN, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Seated> outcome = line.get(SeatStage.STAGE);
        if (!outcome.isKnown()) {
            return SILENT;
        }
        Seated seated = outcome.value();
        WorstOf worst = new WorstOf();
        for (Seated.FromSeat each : seated.things()) {
            if (each.thing().screen() && !each.thing().keypad()) {
                worst.add(
                        WorstOf.within(each.awayM(), seated.stretchedM()),
                        "The {} is {} from the seat; a stretched hand goes {}.",
                        each.thing().name(),
                        new Amount(each.awayM(), Unit.METRE),
                        new Amount(seated.stretchedM(), Unit.METRE));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(HolderChanges.places(line), HolderChanges.keypads(line));
    }
}
