package app.brightkeel.core.review.wire;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** Spring clips are unpolarised and slip off: for a bench, not for a day on the water; common practice. */
final class ClipUnfused implements Rule {

    private static final double SLIPS = 0.05;

    @Override
    public Identity identity() {
        return new Identity("wire.spring-clips", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Segment segment : line.rig().harness().segments()) {
            if (segment.start().terminal() != Ending.Terminal.UNDECIDED) {
                worst.add(
                        segment.start().terminal() == Ending.Terminal.CLIP ? SLIPS : 1,
                        "{} holds on by spring clips: nothing keeps plus from minus. Red to red, a fuse beside them.",
                        segment.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return line.entered().harness().segments().stream()
                .filter(segment -> segment.start().terminal() == Ending.Terminal.CLIP)
                .map(segment -> new Change(
                        "wire.no-clips." + segment.id(),
                        Text.of("{} with terminals instead of clips", segment.name()),
                        Effort.BUY,
                        line.entered().with(segment.withStart(terminal(line, segment)))));
    }

    private static Ending terminal(Line line, Segment segment) {
        return line.entered().harness().packs().stream()
                .filter(pack -> pack.id().equals(segment.from()))
                .filter(pack -> pack.ending().terminal() != Ending.Terminal.UNDECIDED)
                .map(pack -> pack.ending().mate())
                .findFirst()
                .orElse(Ending.of(Ending.Terminal.POST, Ending.Half.UNDECIDED));
    }
}
