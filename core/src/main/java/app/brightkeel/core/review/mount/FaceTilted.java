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
import app.brightkeel.core.review.change.carry.CarryChanges;
import app.brightkeel.core.rig.BeamShape;
import java.util.stream.Stream;

/** The face lies level at the real trim and heel. */
final class FaceTilted implements Rule {

    /** For cones; common practice, no source [°]. */
    private static final double MOST_DEG = 5;

    /** For line beams and side fans; common practice, no source [°]. */
    private static final double MOST_THIN_DEG = 3;

    @Override
    public Identity identity() {
        return new Identity("mount.face-tilted", Link.MOUNT, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(MountStage.STAGE).map(Clearances::all), (worst, each) -> {
            double degrees = Math.toDegrees(each.held().face().tiltRad());
            double most = thin(line, each.held().face().transducer()) ? MOST_THIN_DEG : MOST_DEG;
            worst.add(
                    WorstOf.within(degrees, most),
                    "The face of the {} lies {} off level; {} pass.",
                    each.held().name(),
                    new Amount(degrees, Unit.DEGREE),
                    new Amount(most, Unit.DEGREE));
        });
    }

    private static boolean thin(Line line, String id) {
        return line.rig()
                .transducer(id)
                .filter(t -> t.has(BeamShape.LINE) || t.has(BeamShape.SIDE))
                .isPresent();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CarryChanges.level(line);
    }

    @Override
    public Text byHand() {
        return Text.of(
                "Shim its base level: a wedge of that angle under the mount, thick end where the face lies high.");
    }
}
