package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.PlugChanges;
import app.brightkeel.core.review.change.transducer.TransducerChanges;
import app.brightkeel.core.rig.Adapter;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.Transducer;
import java.util.stream.Stream;

/** An adapter carries over the wires of the beams that are used. */
final class AdapterLoses implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.adapter-loses", Link.TRANSDUCER, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Transducer transducer : line.rig().transducers()) {
            for (Beam beam : transducer.beams()) {
                boolean used =
                        transducer.inUse().isEmpty() || transducer.inUse().equals(beam.id());
                if (used) {
                    for (Adapter adapter : transducer.plug().adapters()) {
                        worst.add(
                                adapter.loses().contains(beam.shape()) ? -1 : 1,
                                "The {} does not carry over the {}.",
                                adapter.name(),
                                beam.name());
                    }
                }
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(TransducerChanges.beams(line).stream(), PlugChanges.all(line));
    }
}
