package app.brightkeel.core.review.mount;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Transducer;
import java.util.stream.Stream;

/** A suction cup is made for slow speed only. */
final class TooFast implements Rule {

    @Override
    public Identity identity() {
        return new Identity("mount.too-fast", Link.MOUNT, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        boolean fast = line.rig().outing().water().motion() == Motion.TROLLING;
        for (Transducer transducer : line.rig().transducers()) {
            if (transducer.mount().kind() == MountKind.SUCTION_CUP) {
                worst.add(
                        fast ? 0 : 1,
                        "The suction cup of the {} is made for slow speed: trolling pulls it off. Tether it.",
                        transducer.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.all(line);
    }
}
