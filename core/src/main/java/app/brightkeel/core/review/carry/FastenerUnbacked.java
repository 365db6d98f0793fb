package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.FastenerChanges;
import app.brightkeel.core.rig.Backing;
import app.brightkeel.core.rig.Fastener;
import java.util.stream.Stream;

/** A bolt or rivet through soft plastic has something behind that spreads its pull. */
final class FastenerUnbacked implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.fastener-unbacked", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Fastener fastener : line.rig().fitOut().fasteners()) {
            if (FastenerChanges.wantsBacking(fastener)) {
                worst.add(
                        fastener.backing() == Backing.NONE ? 0 : 1,
                        "{}: the pull is on {} with nothing behind: it works loose, and then through.",
                        Worded.capital(Worded.capital(fastener.name())),
                        fastener.stuff().words());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return FastenerChanges.backed(line);
    }
}
