package app.brightkeel.core.review.mount;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Worst;
import app.brightkeel.core.rig.Zone;
import java.util.stream.Stream;

/** What stands beside the hull keeps out of the paddle stroke and of the line of a fish that is landed. */
final class Fouls implements Rule {

    @Override
    public Head head() {
        return new Head("mount.fouls", Link.MOUNT, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return Worst.of(line.get(SeatStage.STAGE).map(Seated::things), (worst, each) -> {
            if (!each.thing().screen()) {
                worst.add(
                        each.standsIn().isEmpty() ? 1 : 0,
                        "The {} stands in the way of {}.",
                        each.thing().name(),
                        each.standsIn().stream()
                                .map(area -> area.zone().words())
                                .sorted()
                                .findFirst()
                                .orElse(Zone.NONE.words()));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.all(line);
    }
}
