package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.FastenerChanges;
import app.brightkeel.core.rig.BackReach;
import app.brightkeel.core.rig.Fastener;
import java.util.stream.Stream;

/** A nut is held from behind: whether a hand gets there is asked before the spot is chosen. */
final class FastenerBack implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.fastener-back", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Fastener fastener : line.rig().fitOut().fasteners()) {
            if (fastener.kind().wantsBack()) {
                boolean closed = fastener.back() == BackReach.CLOSED;
                worst.add(
                        closed ? -1 : fastener.back() == BackReach.REACHED ? 1 : 0,
                        closed
                                ? "{}: a nut is held from behind, and nothing reaches there."
                                : "{}: a nut is held from behind; see first whether a hand reaches there.",
                        Worded.capital(fastener.name()));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(FastenerChanges.blind(line), FastenerChanges.reached(line));
    }
}
