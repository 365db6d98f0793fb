package app.brightkeel.core.review.wire;

import app.brightkeel.core.harness.Motors;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.review.change.wire.WireSorts;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.route.SupplyBesideSonar;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Power beside a transducer's lead shows as speckle: apart, crossing square, or twisted; common practice. */
final class BesideSonar implements Rule {

    private static final double BESIDE = 0.1;

    @Override
    public Identity identity() {
        return new Identity("wire.beside-sonar", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Beside beside : all(line.rig())) {
            worst.add(
                    beside.metres <= SupplyBesideSonar.CROSSING_M ? 1 : BESIDE,
                    "{} lies nearer than 150 mm beside the lead of the {} over {}: keep them apart, or twist plus and minus.",
                    beside.segment.name(),
                    beside.sonar,
                    new Amount(beside.metres, Unit.METRE));
        }
        return worst.judgement();
    }

    private record Beside(Segment segment, String sonar, double metres) {}

    /** What is twisted is quiet, unless a motor hangs on it. */
    private static List<Beside> all(Rig rig) {
        SupplyBesideSonar apart = new SupplyBesideSonar(rig.craft());
        List<Beside> all = new ArrayList<>();
        Set<String> motors = Motors.feeding(rig);
        for (Segment segment : rig.harness().segments()) {
            boolean quiet = segment.wire().twisted() && !motors.contains(segment.id());
            Optional<Run> power = quiet ? Optional.empty() : rig.runOf(segment.id());
            rig.transducers().stream()
                    .filter(t -> power.isPresent())
                    .forEach(sonar -> rig.runOf(sonar.id())
                            .ifPresent(run -> all.add(new Beside(
                                    segment,
                                    sonar.name(),
                                    apart.besideM(legs(rig, run), legs(rig, power.orElseThrow()))))));
        }
        return all;
    }

    private static List<Passage> legs(Rig rig, Run run) {
        return run.legs().stream()
                .map(leg -> rig.craft().passage(leg).orElseThrow())
                .toList();
    }

    @Override
    public Stream<Change> cures(Line line) {
        List<Segment> beside = all(line.entered()).stream()
                .filter(each -> each.metres > SupplyBesideSonar.CROSSING_M)
                .map(Beside::segment)
                .distinct()
                .toList();
        return Stream.concat(
                WireSorts.twisted(line, beside),
                beside.stream().flatMap(segment -> CableChanges.soundWays(line, segment.id())));
    }

    @Override
    public Text byHand() {
        return Text.of(
                "Lay it 150 mm away, or cross square; where both must go through one hole, twist plus and minus.");
    }
}
