package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.PlugChanges;
import app.brightkeel.core.rig.Plug;
import app.brightkeel.core.rig.Transducer;
import java.util.List;
import java.util.stream.Stream;

/** Two leads with like plugs are told apart by a ring or a colour: in the dark of a bag one goes into the other's socket. */
final class LikePlugs implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.like-plugs", Link.TRANSDUCER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        List<Transducer> all = line.rig().transducers();
        WorstOf worst = new WorstOf();
        for (int i = 0; i < all.size(); i++) {
            for (Transducer other : all.subList(i + 1, all.size())) {
                Plug one = all.get(i).plug();
                Plug two = other.plug();
                if (one.pins().isSet()
                        && two.pins().isSet()
                        && one.pins().value() == two.pins().value()) {
                    worst.add(
                            one.tag().equals(two.tag()) ? 0 : 1,
                            "The leads of the {} and of the {} have like plugs: a ring of coloured tape on each tells them apart.",
                            all.get(i).name(),
                            other.name());
                }
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return PlugChanges.tags(line);
    }
}
