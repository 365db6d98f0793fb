package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.review.change.cable.HoleChanges;
import app.brightkeel.core.rig.BackReach;
import java.util.stream.Stream;

/** What is tightened by a nut is reached from behind. */
final class BackNotReached implements Rule {

    @Override
    public Identity identity() {
        return new Identity("cable.back-not-reached", Link.CABLE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(HoleChanges.schedule(line), (worst, hole) -> {
            if (hole.closedBy().nut() && (hole.decided() || !hole.there())) {
                worst.add(
                        hole.back() == BackReach.CLOSED ? -1 : 1,
                        "The {} is tightened from behind, and nothing reaches behind the {}.",
                        hole.closedBy().words(),
                        hole.name());
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(HoleChanges.closed(line), CableChanges.soundWays(line));
    }
}
