package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.HoldingChanges;
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** What holds free acid stands upright. */
final class LiesOnSide implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.lies-on-side", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Pack pack : line.rig().harness().packs()) {
            line.rig()
                    .placeOf(pack.id())
                    .filter(place -> place.held().onSide())
                    .ifPresent(place -> worst.add(
                            pack.chemistry().liesOnSide() ? 1 : -1,
                            "{} holds free acid and lies on its side: it leaks and loses its plates.",
                            pack.name()));
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(HoldingChanges.upright(line), HoldingChanges.sealed(line));
    }
}
