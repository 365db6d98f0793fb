package app.brightkeel.core.review.mount;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.mount.Clearances;
import app.brightkeel.core.mount.MountStage;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import java.util.stream.Stream;

/** The mount finds what it holds on to: a scupper, a rail, a pocket, a hole in the ice. */
final class CraftCannot implements Rule {

    @Override
    public Identity identity() {
        return new Identity("mount.craft-cannot", Link.MOUNT, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(MountStage.STAGE).map(Clearances::all), (worst, each) -> {
            worst.add(
                    each.held().face().mount().sitsAt(each.held().spot()) ? 1 : -1,
                    "A {} wants a {}; that place is a {}.",
                    each.held().face().mount().words(),
                    each.held().face().mount().spotWords(),
                    each.held().spot().words());
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.all(line);
    }
}
