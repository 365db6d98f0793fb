package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.screen.HolderChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import java.util.stream.Stream;

/** A display that has a place is held there by something; what lies in a box is held by that. */
final class NoHolder implements Rule {

    private static final double LOOSE = 0.1;

    @Override
    public Identity identity() {
        return new Identity("screen.no-holder", Link.SCREEN, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        WorstOf worst = new WorstOf();
        for (Device device : rig.devices()) {
            String station = rig.stationOf(device.id());
            if (device.kind().display()
                    && !device.later()
                    && !station.isEmpty()
                    && rig.fitOut().boxAt(station).isEmpty()) {
                worst.add(
                        rig.holderOf(device.id()).isPresent() ? 1 : LOOSE,
                        "Nothing is said to hold the {}: the usual cure is a foot in a track with a plate drilled to its bolts.",
                        device.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return HolderChanges.missing(line);
    }
}
