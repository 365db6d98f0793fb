package app.brightkeel.core.review.mount;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.mount.Clearances;
import app.brightkeel.core.mount.MountStage;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import java.util.stream.Stream;

/** The water at the face is smooth: no drive and no open scupper close ahead of it. */
final class BehindDrive implements Rule {

    /** Common practice, no source [m]. */
    private static final double LEAST_M = 0.3;

    @Override
    public Identity identity() {
        return new Identity("mount.behind-drive", Link.MOUNT, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(MountStage.STAGE).map(Clearances::all), (worst, each) -> {
            if (each.behindM().isPresent()) {
                double behind = each.behindM().get();
                worst.add(
                        behind < LEAST_M
                                ? COMFORTABLE * behind / LEAST_M
                                : Math.min(1, COMFORTABLE + (behind - LEAST_M)),
                        "The {} sits {} behind a drive or an open scupper: bubbles hide what it should see.",
                        each.held().name(),
                        new Amount(behind, Unit.METRE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.all(line);
    }
}
