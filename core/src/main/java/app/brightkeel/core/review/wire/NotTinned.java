package app.brightkeel.core.review.wire;

import app.brightkeel.core.harness.Exposure;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.WireSorts;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** Afloat bare copper turns green under its insulation, in salt water soonest: marine wire is tinned; common practice. */
final class NotTinned implements Rule {

    private static final double BARE = 0.1;

    @Override
    public Identity identity() {
        return new Identity("wire.not-tinned", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        if (!Exposure.wet(line.rig())) {
            return SILENT;
        }
        boolean salt = Exposure.salt(line.rig());
        WorstOf worst = new WorstOf();
        for (Segment segment : line.rig().harness().segments()) {
            worst.add(
                    segment.wire().tinned() ? 1 : BARE,
                    salt
                            ? "{} is bare copper: salt water creeps in under its insulation, tinned strands last."
                            : "{} is bare copper: what gets wet aboard turns green under its insulation in some seasons,"
                                    + " tinned strands last.",
                    segment.name());
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WireSorts.tinned(line);
    }
}
