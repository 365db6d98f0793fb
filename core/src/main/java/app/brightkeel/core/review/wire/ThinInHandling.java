package app.brightkeel.core.review.wire;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** Outside a sheath nothing thinner than 18 AWG or 0.75 mm²: it breaks in handling (common practice, no source). */
final class ThinInHandling implements Rule {

    private static final double THINNEST_MM2 = 0.75;

    @Override
    public Identity identity() {
        return new Identity("wire.thin-in-handling", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Segment segment : line.rig().harness().segments()) {
            if (!segment.wire().sheathed() && segment.wire().gauge().decided()) {
                double area = segment.wire().gauge().size().areaMm2();
                worst.add(
                        WorstOf.within(THINNEST_MM2, area),
                        "{} is {} without a sheath: thin wire breaks in handling, {} is the least.",
                        segment.name(),
                        new Amount(area, Unit.WIRE),
                        new Amount(THINNEST_MM2, Unit.WIRE));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WireChanges.sheath(line).stream();
    }
}
