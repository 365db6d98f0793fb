package app.brightkeel.core.review.carry;

import app.brightkeel.core.enclosure.Gas;
import app.brightkeel.core.enclosure.Rooms;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.BoxChanges;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import java.util.stream.Stream;

/** Hydrogen of a lead battery gets out of its box. */
final class GasShutIn implements Rule {

    /** Overcharge for which the time is told [A]; an example, not a limit. */
    private static final double OVERCHARGE_A = 1;

    @Override
    public Identity identity() {
        return new Identity("carry.gas-shut-in", Link.CARRY, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        Rig rig = line.rig();
        for (Pack pack : rig.harness().packs()) {
            Enclosure box = rig.fitOut().boxAt(rig.stationOf(pack.id())).orElse(null);
            if (box == null || !pack.chemistry().lead() || !box.outside().known()) {
                continue;
            }
            worst.add(
                    box.shut() ? -1 : 1,
                    "{} gives off hydrogen on charge, and the {} is shut: at {} of overcharge it could explode after {}.",
                    pack.name(),
                    box.name(),
                    new Amount(OVERCHARGE_A, Unit.AMPERE),
                    new Amount(Gas.minutes(Rooms.litres(box), OVERCHARGE_A, pack.blocks()), Unit.MINUTE));
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BoxChanges.vented(line);
    }
}
