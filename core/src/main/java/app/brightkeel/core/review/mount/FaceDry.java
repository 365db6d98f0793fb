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

/** The face is in solid water at trim and heel. */
final class FaceDry implements Rule {

    /** From here on it holds [m]; common practice, no source. */
    static final double LEAST_M = 0.020;

    /** Where it has plenty [m]. */
    private static final double PLENTY_M = 0.10;

    @Override
    public Identity identity() {
        return new Identity("mount.face-dry", Link.MOUNT, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(MountStage.STAGE).map(Clearances::all), (worst, each) -> {
            double under = each.held().face().underM();
            worst.add(
                    headroom(under),
                    under < 0
                            ? "The face of the {} is {} above the water."
                            : "The face of the {} is {} under the water.",
                    each.held().name(),
                    new Amount(Math.abs(under), Unit.MILLIMETRE));
        });
    }

    private static double headroom(double underM) {
        return underM < LEAST_M
                ? COMFORTABLE * underM / LEAST_M
                : Math.min(1, COMFORTABLE + (1 - COMFORTABLE) * (underM - LEAST_M) / (PLENTY_M - LEAST_M));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.lowered(line);
    }
}
