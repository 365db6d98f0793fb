package app.brightkeel.core.review.water;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.water.WaterChanges;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Water;
import java.util.Locale;
import java.util.stream.Stream;

/** How it is fished and how the craft moves go together. */
final class StyleAgainstMotion implements Rule {

    @Override
    public Identity identity() {
        return new Identity("water.style-against-motion", Link.WATER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Water water = line.rig().outing().water();
        if (water.style() == FishingStyle.UNDECIDED || water.motion() == Motion.UNDECIDED) {
            return SILENT;
        }
        return Rule.measured(
                WaterChanges.motions(water.style()).contains(water.motion()) ? 1 : 0,
                "Someone {} does not stay {}.",
                water.style().words(),
                water.motion().name().toLowerCase(Locale.ROOT));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WaterChanges.motionOfStyle(line).stream();
    }
}
