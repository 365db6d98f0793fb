package app.brightkeel.core.review.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.rig.Pack;
import java.util.List;
import java.util.stream.Stream;

/** Everything on at the lowest volts stays within what the packs may give. */
final class DischargeLimit implements Rule {

    @Override
    public Head head() {
        return new Head("battery.discharge-limit", Link.BATTERY, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<DayLoad> load = line.get(Load.STAGE);
        List<Pack> packs = line.rig().harness().packs();
        if (!load.isKnown()
                || packs.isEmpty()
                || packs.stream().anyMatch(p -> !p.maxDischargeA().isSet())) {
            return SILENT;
        }
        double may = packs.stream().mapToDouble(p -> p.maxDischargeA().value()).sum();
        double amps = 0;
        for (int d = 0; d < line.rig().devices().size(); d++) {
            double low = line.rig().devices().get(d).limits().minV().value();
            amps += load.value()
                    .leaves()
                    .get(d)
                    .amps(load.value().fullW().get(d), load.value().atV().get(d), low);
        }
        return Rule.measured(
                1 - amps / may,
                "All on draws {}; the battery may give {}.",
                new Amount(amps, Unit.AMPERE),
                new Amount(may, Unit.AMPERE));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BatteryChanges.take(line).stream();
    }
}
