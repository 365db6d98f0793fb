package app.brightkeel.core.review.wire;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** A device maker's minimum gauge wins when heavier than what the drop asks for. */
final class ThinnerThanMaker implements Rule {

    @Override
    public Identity identity() {
        return new Identity("wire.thinner-than-maker", Link.WIRE, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Segment segment : line.rig().harness().segments()) {
            Figure least = leastFor(line, segment);
            if (least.isSet() && segment.wire().gauge().decided()) {
                double area = segment.wire().gauge().size().areaMm2();
                worst.add(
                        WorstOf.within(least.value(), area),
                        "{} is {}; the maker asks for {} or thicker.",
                        segment.name(),
                        new Amount(area, Unit.WIRE),
                        new Amount(least.value(), Unit.WIRE));
            }
        }
        return worst.judgement();
    }

    private static Figure leastFor(Line line, Segment segment) {
        return line.rig().devices().stream()
                .filter(d -> d.id().equals(segment.to()))
                .map(d -> d.limits().minWireMm2())
                .findFirst()
                .orElse(Figure.UNSET);
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WireChanges.thicker(line);
    }
}
