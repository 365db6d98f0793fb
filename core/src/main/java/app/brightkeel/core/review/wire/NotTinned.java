package app.brightkeel.core.review.wire;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Worst;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** In salt water bare copper turns green under its insulation: marine wire is tinned; common practice. */
final class NotTinned implements Rule {

    /** From here on water is salt enough [g/kg]; common practice, no source. */
    private static final double SALT = 18;

    private static final double BARE = 0.1;

    @Override
    public Head head() {
        return new Head("wire.not-tinned", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        if (!line.rig().outing().water().salinity().isSet()
                || line.rig().outing().water().salinity().value() < SALT) {
            return SILENT;
        }
        Worst worst = new Worst();
        for (Segment segment : line.rig().harness().segments()) {
            worst.add(
                    segment.wire().tinned() ? 1 : BARE,
                    "{} is bare copper: salt water creeps in under its insulation, tinned strands last.",
                    segment.name());
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WireSorts.tinned(line);
    }
}
