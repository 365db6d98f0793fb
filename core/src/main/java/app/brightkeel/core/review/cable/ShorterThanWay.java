package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.rig.CraftAssumptions;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.ShortestWay;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** A supply wire whose way nobody laid is at least as long as the shortest one between its ends, and its usual slack. */
final class ShorterThanWay implements Rule {

    @Override
    public Identity identity() {
        return new Identity("cable.shorter-than-way", Link.CABLE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Segment segment : line.rig().harness().segments()) {
            OptionalDouble way = wayM(line.rig(), segment);
            if (way.isPresent() && segment.wire().lengthM().isSet()) {
                double there = segment.wire().lengthM().value();
                double slack = CraftAssumptions.usualSlackM(line.rig());
                double spare = there - way.getAsDouble();
                worst.add(
                        spare < 0 ? spare / way.getAsDouble() : COMFORTABLE * spare / slack,
                        "The {} is {}; the shortest way between its ends is {}, and a loop and a drip take {} more.",
                        segment.name(),
                        new Amount(there, Unit.METRE),
                        new Amount(way.getAsDouble(), Unit.METRE),
                        new Amount(slack, Unit.METRE));
            }
        }
        return worst.judgement();
    }

    /** Between two places, of a wire that is not laid and not as long as it is because of its places. */
    private static OptionalDouble wayM(Rig rig, Segment segment) {
        boolean worked =
                segment.wire().lengthM().isSet() && segment.wire().lengthM().basis() == Figure.Basis.ASSUMED;
        boolean apart = !rig.stationOf(segment.from()).equals(rig.stationOf(segment.to()));
        return worked || !apart || rig.runOf(segment.id()).isPresent()
                ? OptionalDouble.empty()
                : ShortestWay.lengthM(rig, segment);
    }

    @Override
    public Stream<Change> cures(Line line) {
        return line.entered().harness().segments().stream()
                .filter(segment -> segment.wire().lengthM().isSet())
                .flatMap(segment -> wayM(line.rig(), segment).stream()
                        .map(way -> way + CraftAssumptions.usualSlackM(line.rig()))
                        .filter(needed -> needed > segment.wire().lengthM().value())
                        .mapToObj(needed -> CableChanges.cut(line, segment, needed)));
    }
}
