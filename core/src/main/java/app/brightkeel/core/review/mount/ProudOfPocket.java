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
import app.brightkeel.core.rig.MountKind;
import java.util.stream.Stream;

/** A face in a pocket lies inside it: what stands out of it is no longer sheltered by the hull or its guard. */
final class ProudOfPocket implements Rule {

    @Override
    public Identity identity() {
        return new Identity("mount.proud-of-pocket", Link.MOUNT, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(MountStage.STAGE).map(Clearances::all), (worst, each) -> {
            if (each.held().face().mount() == MountKind.HULL_POCKET) {
                worst.add(
                        each.held().proudM() > 0 ? COMFORTABLE - each.held().proudM() : 1,
                        "The {} stands {} out of its pocket: it catches what the pocket was to keep off.",
                        each.held().name(),
                        new Amount(each.held().proudM(), Unit.MILLIMETRE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.cleared(line);
    }
}
