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

/** Nothing stands inside the half angle of the widest beam that is used. */
final class BeamBlocked implements Rule {

    /** Free beyond the beam where it has plenty [rad]. */
    private static final double PLENTY_RAD = Math.toRadians(15);

    @Override
    public Identity identity() {
        return new Identity("mount.beam-blocked", Link.MOUNT, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(MountStage.STAGE).map(Clearances::all), (worst, each) -> {
            double left = Rounding.settled(each.clearRad() - each.held().halfRad());
            if (each.held().halfRad() > 0) {
                worst.add(
                        left < 0 ? left : Math.min(1, COMFORTABLE + (1 - COMFORTABLE) * left / PLENTY_RAD),
                        each.by().isEmpty()
                                ? "Nothing stands in the beam of the {}: {}{} are free each side."
                                : "Of the beam of the {} the {} leaves {} free each side; it wants {}.",
                        each.by().isEmpty()
                                ? new Object[] {each.held().name(), "", degrees(each.clearRad())}
                                : new Object[] {
                                    each.held().name(),
                                    each.by(),
                                    degrees(each.clearRad()),
                                    degrees(each.held().halfRad())
                                });
            }
        });
    }

    private static Amount degrees(double radians) {
        return new Amount(Math.toDegrees(radians), Unit.DEGREE);
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.cleared(line);
    }
}
