package app.brightkeel.core.review.battery;

import app.brightkeel.core.harness.Parallel;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.BatteryChanges;
import app.brightkeel.core.rig.Pack;
import java.util.List;
import java.util.stream.Stream;

/** Packs in parallel are of one chemistry, voltage and capacity; else one charges the other. */
final class MixedParallel implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.mixed-parallel", Link.BATTERY, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        List<Pack> joined = Parallel.joined(line.rig());
        WorstOf worst = new WorstOf();
        for (Pack pack : joined) {
            Pack first = joined.get(0);
            boolean alike = pack.chemistry() == first.chemistry() && pack.blocks() == first.blocks();
            boolean same = pack.capacityAh().equals(first.capacityAh());
            worst.add(
                    alike ? same ? 1 : 0.1 : -1,
                    "{} and {} are joined and not alike: chemistry, volts and capacity should be the same.",
                    first.name(),
                    pack.name());
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BatteryChanges.match(line);
    }
}
