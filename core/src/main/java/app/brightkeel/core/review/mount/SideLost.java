package app.brightkeel.core.review.mount;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.mount.Clearance;
import app.brightkeel.core.mount.Clearances;
import app.brightkeel.core.mount.MountStage;
import app.brightkeel.core.mount.Sector;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import java.util.stream.Stream;

/** A side view wants both sides clear to the horizontal; a recessed bay only costs a sector of it. */
final class SideLost implements Rule {

    /** Hidden below the horizontal, from here on a side is blocked; common practice, no source [rad]. */
    private static final double BLOCKED_RAD = Math.toRadians(20);

    @Override
    public Identity identity() {
        return new Identity("mount.side-lost", Link.MOUNT, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(MountStage.STAGE).map(Clearances::all), (worst, each) -> {
            if (each.held().side()) {
                Sector sector = each.sector();
                side(worst, each, sector.leftLostRad(), "left");
                side(worst, each, sector.rightLostRad(), "right");
            }
        });
    }

    private static void side(WorstOf worst, Clearance each, double lostRad, String words) {
        double left = 1 - lostRad / BLOCKED_RAD;
        double headroom = lostRad == 0 ? 1 : COMFORTABLE * left;
        worst.add(
                each.held().face().mount().encloses() ? Math.max(0, headroom) : headroom,
                "To the {} the {} loses {} below the horizontal.",
                words,
                each.held().name(),
                new Amount(Math.toDegrees(lostRad), Unit.DEGREE));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.cleared(line);
    }
}
