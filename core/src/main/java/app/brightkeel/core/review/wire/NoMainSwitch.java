package app.brightkeel.core.review.wire;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.WireSorts;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.List;
import java.util.stream.Stream;

/** A battery that stays aboard has a switch at it: standby drains it and live plugs corrode; common practice. */
final class NoMainSwitch implements Rule {

    private static final double ALWAYS_LIVE = 0.1;

    @Override
    public Identity identity() {
        return new Identity("wire.no-main-switch", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Segment segment : leaving(line.rig())) {
            worst.add(
                    switched(segment) ? 1 : ALWAYS_LIVE,
                    "The battery stays aboard and {} has no switch: it is live the whole year, what stands by empties it, and live plugs turn green.",
                    segment.name());
        }
        return worst.judgement();
    }

    /** Wires of packs that stay in the craft. */
    private static List<Segment> leaving(Rig rig) {
        List<String> staying = rig.harness().packs().stream()
                .map(Pack::id)
                .filter(id -> rig.placeOf(id).filter(NoMainSwitch::stays).isPresent())
                .toList();
        return rig.harness().segments().stream()
                .filter(segment -> staying.contains(segment.from()))
                .toList();
    }

    private static boolean stays(Placement place) {
        return !place.comesOff();
    }

    private static boolean switched(Segment segment) {
        return segment.fittings().stream().anyMatch(Fitting.Switch.class::isInstance);
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WireSorts.mainSwitch(
                line,
                leaving(line.entered()).stream()
                        .filter(segment -> !switched(segment))
                        .toList());
    }
}
