package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.LayoutChanges;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import java.util.stream.Stream;

/** A place that is in use lies on the craft, or within an arm of it. */
final class StationFar implements Rule {

    /** Outside the craft, where a mistyped figure is likelier than an arm; common practice, no source [m]. */
    private static final double MOST_M = 1;

    private static final double FAR = 0.05;

    @Override
    public Identity identity() {
        return new Identity("carry.station-far", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        Craft craft = rig.craft();
        if (!craft.lengthM().isSet() || !craft.beamM().isSet()) {
            return SILENT;
        }
        WorstOf worst = new WorstOf();
        for (Station station : craft.stations()) {
            if (station.placed() && station.spot() != Spot.ICE_HOLE && LayoutChanges.used(rig, station.id())) {
                double out = LayoutChanges.outsideM(craft, station);
                worst.add(
                        out > MOST_M ? FAR : 1,
                        "The {} lies {} outside the craft.",
                        station.name(),
                        new Amount(out, Unit.METRE));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return LayoutChanges.aboard(line);
    }
}
