package app.brightkeel.core.review.wire;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.JunctionChanges;
import app.brightkeel.core.rig.Junction;
import java.util.stream.Stream;

/** Ways on a block or harness are counted: one branch too many has no place. */
final class TooFewWays implements Rule {

    @Override
    public Identity identity() {
        return new Identity("wire.too-few-ways", Link.WIRE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Junction junction : line.rig().harness().junctions()) {
            int branches = line.rig().harness().from(junction.id()).size();
            if (junction.ways().isSet() && branches > 0) {
                worst.add(
                        branches > junction.ways().value() ? -1 : 1,
                        "Wires that leave the {}: {}; it has room for {}.",
                        junction.name(),
                        new Amount(branches, Unit.COUNT),
                        new Amount(junction.ways().value(), Unit.COUNT));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return JunctionChanges.moreWays(line);
    }
}
