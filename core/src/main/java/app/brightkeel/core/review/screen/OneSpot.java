package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.review.change.screen.HolderChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Stands;
import app.brightkeel.core.rig.Station;
import java.util.List;
import java.util.stream.Stream;

/** Where one display stands there is no room for another, nor for the foot of a post. */
final class OneSpot implements Rule {

    @Override
    public Identity identity() {
        return new Identity("screen.one-spot", Link.SCREEN, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        WorstOf worst = new WorstOf();
        for (Device device : rig.devices()) {
            String station = rig.stationOf(device.id());
            if (device.kind().display() && !station.isEmpty()) {
                List<String> there = Stands.at(rig, station);
                worst.add(
                        there.size() > 1 ? 0 : 1,
                        "{} stand on one spot, {}: move one, or name a second place beside it.",
                        String.join(" and ", there),
                        rig.craft().station(station).map(Station::name).orElse(station));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(HolderChanges.places(line), MountChanges.moved(line));
    }
}
