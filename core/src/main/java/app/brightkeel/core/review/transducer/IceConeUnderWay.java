package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.TransducerChanges;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.TransducerType;
import java.util.stream.Stream;

/** An ice cone hangs level on its own cable: behind a moving craft it does not. */
final class IceConeUnderWay implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.ice-cone-under-way", Link.TRANSDUCER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        if (line.rig().craft().kind() == CraftKind.UNDECIDED) {
            return SILENT;
        }
        WorstOf worst = new WorstOf();
        boolean ice = line.rig().craft().kind().onIce();
        for (Transducer transducer : line.rig().transducers()) {
            if (transducer.type() == TransducerType.ICE_CONE) {
                worst.add(
                        ice ? 1 : 0,
                        "The {} is made to hang still under the ice; on a craft that moves it swings.",
                        transducer.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return TransducerChanges.all(line);
    }
}
