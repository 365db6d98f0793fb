package app.brightkeel.core.review.mount;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Transducer;
import java.util.stream.Stream;

/** No hole below the waterline unless the person has chosen so. */
final class HoleUnasked implements Rule {

    @Override
    public Identity identity() {
        return new Identity("mount.hole-unasked", Link.MOUNT, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        boolean chosen = line.rig().schools().drilling() == Schools.Drilling.BELOW_WATERLINE;
        for (Transducer transducer : line.rig().transducers()) {
            if (transducer.mount().kind().drills() == MountKind.Drills.BELOW_WATERLINE) {
                worst.add(
                        chosen ? COMFORTABLE : -1,
                        "A {} wants a hole below the waterline, which nobody chose: if it leaks, the hull fills.",
                        transducer.mount().kind().words());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.all(line);
    }
}
