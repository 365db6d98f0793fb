package app.brightkeel.core.review.wire;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** A wire to a point from which none goes on is a live end in the bilge. */
final class LeadsNowhere implements Rule {

    private static final double LIVE_END = 0.05;

    @Override
    public Identity identity() {
        return new Identity("wire.leads-nowhere", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Harness harness = line.rig().harness();
        WorstOf worst = new WorstOf();
        for (Segment segment : harness.segments()) {
            worst.add(
                    nowhere(harness, segment) ? LIVE_END : 1,
                    "{} leads to a point from which no wire goes on: take it out, or cap its live end.",
                    segment.name());
        }
        return worst.judgement();
    }

    /** Several wires into one point are packs that meet, not ends. */
    private static boolean nowhere(Harness harness, Segment segment) {
        return harness.junction(segment.to()).isPresent()
                && harness.from(segment.to()).isEmpty()
                && harness.segments().stream()
                                .filter(s -> s.to().equals(segment.to()))
                                .count()
                        == 1;
    }

    @Override
    public Stream<Change> cures(Line line) {
        Harness harness = line.entered().harness();
        return harness.segments().stream()
                .filter(segment -> nowhere(harness, segment))
                .map(segment -> new Change(
                        "wire.take-out." + segment.id(),
                        Text.of("{} taken out", segment.name()),
                        Effort.SETTING,
                        line.entered()
                                .withHarness(harness.withSegments(harness.segments().stream()
                                        .filter(other -> other != segment)
                                        .toList()))));
    }
}
