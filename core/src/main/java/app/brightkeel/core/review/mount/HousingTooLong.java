package app.brightkeel.core.review.mount;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.mount.Clearances;
import app.brightkeel.core.mount.MountStage;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Rounding;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import java.util.stream.Stream;

/** The body goes into its pocket, or with its float through the hole. */
final class HousingTooLong implements Rule {

    /** A hole in the ice is wider than what goes through, both sides together [m]; common practice, no source. */
    private static final double HOLE_M = 0.030;

    @Override
    public Identity identity() {
        return new Identity("mount.does-not-fit", Link.MOUNT, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(MountStage.STAGE).map(Clearances::all), (worst, each) -> {
            if (each.gapM().isPresent()) {
                double wanted = each.held().face().mount().throughIce() ? HOLE_M : 0;
                double left = Rounding.settled(each.gapM().get() - wanted);
                worst.add(
                        left < 0 ? left / each.held().bodyM().orElseThrow() : Math.min(1, COMFORTABLE + left / HOLE_M),
                        "The {} has {} to spare in its opening; it wants {}.",
                        each.held().name(),
                        new Amount(each.gapM().get(), Unit.MILLIMETRE),
                        new Amount(wanted, Unit.MILLIMETRE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.fitting(line);
    }
}
