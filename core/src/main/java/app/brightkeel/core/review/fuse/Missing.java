package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.fuse.FuseFits;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** Every way from a battery to a device passes a fuse. */
final class Missing implements Rule {

    @Override
    public Identity identity() {
        return new Identity("fuse.missing", Link.FUSE, Force.SAFETY);
    }

    /** By the wires alone: it does not wait for lengths, draws or ratings. */
    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Pack pack : line.rig().harness().packs()) {
            bare(line.rig(), pack.id(), worst);
        }
        return worst.judgement();
    }

    private static void bare(Rig rig, String point, WorstOf worst) {
        for (Segment segment : rig.harness().segments()) {
            if (segment.from().equals(point) && !segment.fused()) {
                rig.devices().stream()
                        .filter(device -> device.id().equals(segment.to()))
                        .forEach(device -> worst.add(
                                -1, "No fuse between the battery and the {}: a chafed lead can burn.", device.name()));
                bare(rig, segment.to(), worst);
            }
        }
    }

    @Override
    public Stream<Change> cures(Line line) {
        return FuseFits.atBatteries(line);
    }
}
