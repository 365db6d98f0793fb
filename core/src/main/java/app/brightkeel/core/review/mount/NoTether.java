package app.brightkeel.core.review.mount;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Tethers;
import app.brightkeel.core.rig.Transducer;
import java.util.stream.Stream;

/** Whatever clamps, swings or lifts out has one line to the craft. */
final class NoTether implements Rule {

    @Override
    public Identity identity() {
        return new Identity("mount.no-tether", Link.MOUNT, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        WorstOf worst = new WorstOf();
        for (Transducer transducer : rig.transducers()) {
            if (Tethers.wanted(rig, transducer)) {
                worst.add(
                        rig.fitOut().has(ExtraKind.TETHER, transducer.id()) ? 1 : 0,
                        "The {} of the {} has no tether: what comes loose is gone.",
                        transducer.mount().kind().words(),
                        transducer.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.tethered(line);
    }
}
