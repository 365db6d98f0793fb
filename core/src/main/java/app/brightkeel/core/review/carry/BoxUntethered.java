package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.CarryChanges;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Tethers;
import java.util.stream.Stream;

/** A pod, or a box beside the paddler, has one line to the craft. */
final class BoxUntethered implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.no-tether", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        WorstOf worst = new WorstOf();
        for (Enclosure box : rig.fitOut().boxes()) {
            if (Tethers.wanted(rig, box)) {
                worst.add(
                        rig.fitOut().has(ExtraKind.TETHER, box.id()) ? 1 : 0,
                        "The {} stands at the edge and has no tether: it goes overboard with all that is in it.",
                        box.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CarryChanges.tethered(line);
    }
}
