package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.LiveChanges;
import app.brightkeel.core.rig.Handle;
import app.brightkeel.core.rig.Transducer;
import java.util.stream.Stream;

/** The pole's handle says where a live head looks: along its beam or opposite, and marked so. */
final class HandleUnmarked implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.handle-unmarked", Link.TRANSDUCER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Transducer transducer : line.rig().transducers()) {
            if (transducer.live() && transducer.mount().kind().pole()) {
                worst.add(
                        transducer.handle() == Handle.UNMARKED ? 0 : 1,
                        "Nothing on its pole says where the {} looks: set the handle along the beam, and mark it.",
                        transducer.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return LiveChanges.handles(line);
    }
}
