package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.CarryChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import java.util.stream.Stream;

/** The screen stands where this person likes it: beside the seat, or ahead on the centre line. */
final class ScreenSchool implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.school-screen", Link.CARRY, Force.SCHOOL);
    }

    @Override
    public Judgement judge(Line line) {
        Schools.Screen wanted = line.rig().schools().screen();
        if (wanted == Schools.Screen.UNDECIDED || line.rig().craft().kind().onIce()) {
            return SILENT;
        }
        Spot spot = wanted == Schools.Screen.SIDE ? Spot.BESIDE_SEAT : Spot.AHEAD_OF_PEDALS;
        WorstOf worst = new WorstOf();
        for (Device device : line.rig().devices()) {
            Station station = line.rig()
                    .placeOf(device.id())
                    .map(Placement::station)
                    .flatMap(line.rig().craft()::station)
                    .orElse(null);
            if (device.kind().display() && station != null) {
                worst.add(
                        station.spot() == spot ? 1 : 0,
                        "{} stands at {}; you like it {}.",
                        device.name(),
                        station.name(),
                        wanted.words());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CarryChanges.displays(line);
    }
}
