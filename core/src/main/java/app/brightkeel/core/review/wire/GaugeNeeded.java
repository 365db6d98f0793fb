package app.brightkeel.core.review.wire;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.review.fuse.FuseRules;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Segment;
import java.util.List;
import java.util.stream.Stream;

/** The thinnest gauge of each wire with which every rule of wires and fuses holds. */
final class GaugeNeeded {

    private static final Source RULES = Source.derived("every rule of Wire and Fuse, tried from the thinnest gauge on");

    private GaugeNeeded() {}

    private static final List<Rule> RULES_OF_WIRE =
            Stream.concat(WireRules.ALL.stream(), FuseRules.ALL.stream()).toList();

    /** So many wires are looked at one by one: each is tried in every thinner size on the whole of the harness. */
    private static final int MOST = 24;

    /** The wires that are looked at, in the order of the harness. */
    static List<Segment> looked(Line line) {
        return line.entered().harness().segments().stream()
                .filter(segment -> segment.wire().gauge().decided())
                .limit(MOST)
                .toList();
    }

    /** Of one segment with a decided gauge: the planned gauge itself where no thinner one will do. */
    static Gauge of(Line line, Segment entered) {
        Gauge planned = entered.wire().gauge();
        for (Gauge gauge : WireChanges.family(planned)) {
            if (gauge.size().areaMm2() >= planned.size().areaMm2()) {
                break;
            }
            Segment thinner = entered.withWire(entered.wire().withGauge(gauge));
            if (holds(line.with(line.entered().with(thinner)))) {
                return gauge;
            }
        }
        return planned;
    }

    /** What the person has put aside speaks against no wire. */
    private static boolean holds(Line tried) {
        return RULES_OF_WIRE.stream()
                .allMatch(rule -> tried.rig().quieted().contains(rule.id())
                                && rule.force().mayBePutAside()
                        || rule.verdict(rule.judge(tried)) == Verdict.HOLDS);
    }

    /** Wires that are thicker than they need be are allowed; what is enough stands beside. */
    static Working working(Line line) {
        Working.Builder all = Working.of("Smallest gauge that is enough, wire by wire", "", RULES);
        List<Segment> looked = looked(line);
        for (Segment segment : looked) {
            Gauge enough = of(line, segment);
            double area = segment.wire().gauge().size().areaMm2();
            if (enough.equals(segment.wire().gauge())) {
                all.step("S", segment.name() + ": as planned, no thinner one will do", area, Unit.WIRE);
            } else {
                all.step("S", segment.name() + ": generous", area, Unit.WIRE)
                        .step("S min", "enough for it", enough.size().areaMm2(), Unit.WIRE);
            }
        }
        int others = line.entered().harness().segments().size() - looked.size();
        if (looked.size() == MOST && others > 0) {
            all.remark("{} further wires are not looked at.", new Amount(others, Unit.COUNT));
        }
        return all.done();
    }
}
