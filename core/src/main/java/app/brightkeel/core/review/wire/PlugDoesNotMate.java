package app.brightkeel.core.review.wire;

import app.brightkeel.core.harness.Ends;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.EndChanges;
import java.util.List;
import java.util.stream.Stream;

/** Plugs and terminals go together along the whole chain, the charger's too. */
final class PlugDoesNotMate implements Rule {

    @Override
    public Identity identity() {
        return new Identity("wire.plug-does-not-mate", Link.WIRE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return judged(Ends.joined(line.rig()), -1);
    }

    /** @param breach headroom where two do not go together */
    static Judgement judged(List<Ends.Pair> pairs, double breach) {
        WorstOf worst = new WorstOf();
        for (Ends.Pair pair : pairs) {
            if (pair.known()) {
                worst.add(
                        pair.mates() ? 1 : breach,
                        "{} ({}) does not go with {} ({}).",
                        pair.other().name(),
                        pair.other().ending().words(),
                        pair.live().name(),
                        pair.live().ending().words());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return EndChanges.mating(line, Ends.joined(line.rig()));
    }
}
