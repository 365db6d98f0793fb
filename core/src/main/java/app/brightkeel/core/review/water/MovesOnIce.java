package app.brightkeel.core.review.water;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.water.WaterChanges;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Water;
import java.util.stream.Stream;

/** On the ice nothing moves while it is fished: types that need way on would be chosen wrongly. */
final class MovesOnIce implements Rule {

    @Override
    public Identity identity() {
        return new Identity("water.moves-on-ice", Link.WATER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Water water = line.rig().outing().water();
        boolean ice = line.rig().craft().kind().onIce() || water.season() == Season.ICE;
        if (!ice || water.motion() == Motion.UNDECIDED) {
            return SILENT;
        }
        return Rule.measured(
                water.motion() == Motion.STILL ? 1 : 0, "On the ice you fish standing still, from hole to hole.");
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WaterChanges.still(line).stream();
    }
}
