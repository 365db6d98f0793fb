package app.brightkeel.core.review.wire;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.WireSorts;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** A wire of no length is one that nobody measured: volts and short circuits would come out too good. */
final class NoLength implements Rule {

    private static final double NONE = 0.02;
    private static final double UNTIL_MEASURED_M = 0.5;

    @Override
    public Identity identity() {
        return new Identity("wire.no-length", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Segment segment : line.rig().harness().segments()) {
            if (segment.wire().lengthM().isSet()) {
                worst.add(
                        segment.wire().lengthM().value() > 0 ? 1 : NONE,
                        "{} is said to be no metre long: measure it.",
                        segment.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WireSorts.measured(line, UNTIL_MEASURED_M);
    }
}
