package app.brightkeel.core.review.carry;

import app.brightkeel.core.enclosure.PocketRoom;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.BoxChanges;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Pose;
import java.util.stream.Stream;

/** The pockets of one state go into their box together. */
final class PocketsTooMany implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.pockets-too-many", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Enclosure box : line.rig().fitOut().boxes()) {
            for (Pose pose : Pose.values()) {
                PocketRoom.overM(box, pose)
                        .ifPresent(over -> worst.add(
                                -over,
                                "The pockets of the {}, {}, take {} more than it has inside, however they are turned.",
                                box.name(),
                                pose.words(),
                                new Amount(over, Unit.MILLIMETRE)));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BoxChanges.without(line);
    }

    @Override
    public Text byHand() {
        return Text.of("Fewer or smaller pockets, or a larger box.");
    }
}
