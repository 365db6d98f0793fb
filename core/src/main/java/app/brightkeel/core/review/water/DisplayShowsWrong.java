package app.brightkeel.core.review.water;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.water.WaterChanges;
import app.brightkeel.core.water.WaterStage;
import app.brightkeel.core.water.WaterState;
import java.util.stream.Stream;

/** The depth on the screen is near the true one. */
final class DisplayShowsWrong implements Rule {

    /** How far off a shown depth passes without a word; common practice, no source. */
    private static final double TOLERATED = 0.08;

    @Override
    public Identity identity() {
        return new Identity("water.display-shows-wrong", Link.WATER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<WaterState> outcome = line.get(WaterStage.STAGE);
        if (!outcome.isKnown()) {
            return SILENT;
        }
        WaterState water = outcome.value();
        double off = Math.abs(water.error());
        return Rule.measured(
                off > TOLERATED
                        ? COMFORTABLE * (1 - (off - TOLERATED) / TOLERATED)
                        : COMFORTABLE + (1 - COMFORTABLE) * (1 - off / TOLERATED),
                "In this water {} shows as {} on the screen.",
                new Amount(water.mostM(), Unit.DEPTH),
                new Amount(water.shownM(water.mostM()), Unit.DEPTH));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WaterChanges.displaySpeed(line).stream();
    }
}
