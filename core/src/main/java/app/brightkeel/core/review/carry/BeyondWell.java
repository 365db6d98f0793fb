package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Rule.Force;
import app.brightkeel.core.review.Rule.Identity;
import app.brightkeel.core.review.Rule.Judgement;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.BoxChanges;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Zone;
import java.util.stream.Stream;

/** A box that stands in a well stands on its floor, not on its rim. */
final class BeyondWell implements Rule {

    private static final double ON_THE_RIM = 0.1;

    @Override
    public Identity identity() {
        return new Identity("carry.beyond-well", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        WorstOf worst = new WorstOf();
        for (KeptRoom well : rig.craft().kept()) {
            if (well.use() == Zone.WELL && well.measured()) {
                for (Enclosure box : rig.fitOut().boxes()) {
                    rig.craft()
                            .station(box.station())
                            .filter(Station::placed)
                            .filter(at ->
                                    well.holds(at.fromBowM().value(), at.sideM().value()))
                            .ifPresent(at -> add(worst, well, box, at));
                }
            }
        }
        return worst.judgement();
    }

    private static void add(WorstOf worst, KeptRoom well, Enclosure box, Station at) {
        Size outside = box.outside();
        if (!outside.deepM().isSet() || !outside.wideM().isSet()) {
            return;
        }
        double along = Math.abs(at.fromBowM().value() - well.fromBowM().value())
                + (outside.deepM().value() - well.longM().value()) / 2;
        double across = Math.abs(at.sideM().value() - well.sideM().value())
                + (outside.wideM().value() - well.wideM().value()) / 2;
        double beyond = Math.max(along, across);
        worst.add(
                beyond <= 0 ? 1 : ON_THE_RIM,
                "The {} reaches {} over the rim of the {}: it stands on the rim and slides.",
                box.name(),
                new Amount(Math.max(0, beyond), Unit.MILLIMETRE),
                well.name());
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BoxChanges.elsewhere(line);
    }
}
