package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.Transducer;
import java.util.stream.Stream;

/** A live head is held by something stiff that is turned: hung by its own cable it looks where the cable twists it. */
final class CannotBeAimed implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.cannot-be-aimed", Link.TRANSDUCER, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Transducer transducer : line.rig().transducers()) {
            if (transducer.live() && transducer.mount().kind().throughIce()) {
                boolean aimed = !transducer.mount().kind().hangsByCable();
                worst.add(
                        aimed ? 1 : transducer.look() == Look.DOWN ? 0 : -1,
                        transducer.look() == Look.DOWN
                                ? "The {} hangs by its own cable ({}): it turns as the cable twists, and nobody knows which side its fan shows."
                                : "The {} hangs by its own cable ({}) and cannot be aimed.",
                        transducer.name(),
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
