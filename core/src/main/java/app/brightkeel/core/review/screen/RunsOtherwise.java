package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.load.RanTogether;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.screen.ScreenChanges;
import java.util.stream.Stream;

/** What the plan draws is what was seen to be drawn: hours on the water beat labels. */
final class RunsOtherwise implements Rule {

    /** Share by which the two may differ; common practice, no source. */
    private static final double APART = 0.15;

    @Override
    public Identity identity() {
        return new Identity("screen.runs-otherwise", Link.SCREEN, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return RanTogether.of(line).map(RunsOtherwise::judge).orElse(SILENT);
    }

    private static Judgement judge(RanTogether ran) {
        double apart = Math.abs(ran.plannedW() / ran.seenW() - 1);
        return Rule.measured(
                apart > APART ? 0 : 1,
                "By the hours it ran all of it drew {}, and the plan has {} for as bright screens.",
                new Amount(ran.seenW(), Unit.WATT),
                new Amount(ran.plannedW(), Unit.WATT));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return ScreenChanges.asItRan(line);
    }
}
