package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
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

/** Figures that matter fill at least 20 minutes of arc, seen from the seat. */
final class HardToRead implements Rule {

    @Override
    public Identity identity() {
        return new Identity("screen.hard-to-read", Link.SCREEN, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(SeatStage.STAGE).map(Seated::things), (worst, each) -> {
            if (each.thing().textM().isPresent()) {
                double text = each.thing().textM().get();
                worst.add(
                        WorstOf.within(each.neededM(), text),
                        "Figures of {} on the {} are seen from {}; they want {}.",
                        new Amount(text, Unit.FINE_MILLIMETRE),
                        each.thing().name(),
                        new Amount(each.eyeM(), Unit.METRE),
                        new Amount(each.neededM(), Unit.FINE_MILLIMETRE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(HolderChanges.largerFigures(line), HolderChanges.places(line));
    }
}
