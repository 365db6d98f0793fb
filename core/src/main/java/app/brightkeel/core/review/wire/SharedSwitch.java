package app.brightkeel.core.review.wire;

import app.brightkeel.core.harness.Motors;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Rule.Force;
import app.brightkeel.core.review.Rule.Identity;
import app.brightkeel.core.review.Rule.Judgement;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.OwnRun;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.List;
import java.util.stream.Stream;

/** A screen has a pair of its own from the battery: behind a boat's accessory switch it shares drop, noise and the hand on it. */
final class SharedSwitch implements Rule {

    private static final double SHARED = 0.12;

    @Override
    public Identity identity() {
        return new Identity("wire.shared-switch", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        WorstOf worst = new WorstOf();
        if (rig.harness().junctions().stream().noneMatch(j -> j.sort() == Junction.Meeting.SWITCHED)) {
            return SILENT;
        }
        Topology tree = Topology.of(rig);
        for (int d = 0; d < rig.devices().size(); d++) {
            Device device = rig.devices().get(d);
            if (device.kind().display()) {
                List<Segment> way = Motors.way(rig, tree, d);
                for (Junction junction : rig.harness().junctions()) {
                    boolean through = way.stream().anyMatch(s -> s.from().equals(junction.id()));
                    if (junction.sort() == Junction.Meeting.SWITCHED && through) {
                        int others = rig.harness().from(junction.id()).size() - 1;
                        worst.add(
                                others > 0 ? SHARED : 1,
                                "The {} hangs behind the {} with {} more: their noise is on its picture, their drop in its "
                                        + "volts, and whoever switches them off switches it off.",
                                device.name(),
                                junction.name(),
                                others);
                    }
                }
            }
        }
        return worst.judgement();
    }

    @Override
    public Text byHand() {
        return Text.of("A pair of its own from the battery, with its own switch and fuse.");
    }

    @Override
    public Stream<Change> cures(Line line) {
        return OwnRun.of(line, device -> device.kind().display());
    }
}
