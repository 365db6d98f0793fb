package app.brightkeel.core.review.mount;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.mount.Clearances;
import app.brightkeel.core.mount.MountStage;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.rig.Figure;
import java.util.stream.Stream;

/** What hangs below the hull clears the shallowest water that is fished. */
final class StrikesBottom implements Rule {

    /** Water under the face from which nobody thinks of stones [m]; common practice, no source. */
    private static final double CLEAR_M = 0.15;

    @Override
    public Identity identity() {
        return new Identity("mount.strikes-bottom", Link.MOUNT, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Figure least = line.rig().outing().water().leastM();
        if (!least.isSet() || line.rig().craft().kind().onIce()) {
            return SILENT;
        }
        return WorstOf.of(line.get(MountStage.STAGE).map(Clearances::all), (worst, each) -> {
            double under = each.held().face().underM();
            if (each.held().face().mount().beside()) {
                worst.add(
                        COMFORTABLE + (least.value() - under - CLEAR_M) / CLEAR_M,
                        "The {} hangs {} deep and you fish from {}: it strikes there, unless it is raised first or left at home today.",
                        each.held().name(),
                        new Amount(under, Unit.DEPTH),
                        new Amount(least.value(), Unit.DEPTH));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.raised(line);
    }

    @Override
    public Text byHand() {
        return Text.of("Raise it before the shallows, or leave it at home today and fish what the others show.");
    }
}
