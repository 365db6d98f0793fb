package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.PlugChanges;
import app.brightkeel.core.review.change.transducer.TransducerChanges;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.Sockets;
import java.util.stream.Stream;

/** What the beam in use sees can be shown by what it is plugged into. */
final class CannotShow implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.display-cannot-show", Link.TRANSDUCER, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        Sockets.Plugged.all(line.rig()).forEach(plugged -> {
            for (Beam beam : plugged.transducer().beams()) {
                String inUse = plugged.transducer().inUse();
                if (!plugged.device().sockets().shows().isEmpty() && (inUse.isEmpty() || inUse.equals(beam.id()))) {
                    worst.add(
                            plugged.device().sockets().shows().contains(beam.shape()) ? 1 : -1,
                            "The {} draws no picture of a {}.",
                            plugged.device().name(),
                            beam.shape().words());
                }
            }
        });
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(TransducerChanges.beams(line).stream(), PlugChanges.all(line));
    }
}
