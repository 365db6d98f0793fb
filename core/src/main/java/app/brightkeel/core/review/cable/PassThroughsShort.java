package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.HoleChanges;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.route.Hole;
import app.brightkeel.core.route.HoleSchedule;
import java.util.List;
import java.util.stream.Stream;

/** Pass-throughs that are wanted lie at home; asked only where someone counted what does. */
final class PassThroughsShort implements Rule {

    private static final double SHORT = 0.1;

    @Override
    public Identity identity() {
        return new Identity("cable.pass-throughs-short", Link.CABLE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<List<Hole>> holes = HoleChanges.schedule(line);
        FitOut fitOut = line.rig().fitOut();
        if (!holes.isKnown() || fitOut.passThroughs().isEmpty()) {
            return SILENT;
        }
        WorstOf worst = new WorstOf();
        HoleSchedule.needed(holes.value()).forEach((sort, count) -> {
            int there = HoleSchedule.onHand(fitOut, sort);
            worst.add(there < count ? SHORT : 1, "{} × {} wanted, {} at home.", count, sort.words(), there);
        });
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return HoleChanges.bought(line);
    }
}
