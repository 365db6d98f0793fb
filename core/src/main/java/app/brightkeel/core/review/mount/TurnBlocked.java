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

/** A live fan is to be clear at every angle its pole is turned to. */
final class TurnBlocked implements Rule {

    /** Share of the turn that may be lost; common practice, no source. */
    private static final double MOST_LOST = 0.15;

    @Override
    public Identity identity() {
        return new Identity("mount.turn-blocked", Link.MOUNT, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(MountStage.STAGE).map(Clearances::all), (worst, each) -> {
            if (each.held().acrossDeg() > 0 && each.held().turnDeg().orElse(0) > 0) {
                turned(worst, each);
            }
        });
    }

    private static void turned(WorstOf worst, Clearance each) {
        Sector sector = each.sector();
        int whole = sector.turnedDeg();
        int clear = sector.clearTurnDeg();
        worst.add(
                WorstOf.within(1 - (double) clear / whole, MOST_LOST),
                "Turned through {} the fan of the {} is clear over {}.",
                new Amount(whole, Unit.DEGREE),
                each.held().name(),
                new Amount(clear, Unit.DEGREE));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.cleared(line);
    }
}
