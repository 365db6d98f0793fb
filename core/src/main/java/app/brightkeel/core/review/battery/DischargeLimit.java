package app.brightkeel.core.review.battery;

import app.brightkeel.core.harness.Banks;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.BatteryChanges;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Series;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Everything on at the lowest volts stays within what the packs may give. */
final class DischargeLimit implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.discharge-limit", Link.BATTERY, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<DayLoad> load = line.get(Load.STAGE);
        WorstOf worst = new WorstOf();
        if (load.isKnown()) {
            Topology topology = Topology.of(line.rig());
            for (List<Pack> bank : Banks.inUse(line.rig(), topology)) {
                if (bank.stream().allMatch(pack -> pack.maxDischargeA().isSet())) {
                    double may = mayA(bank);
                    double amps = drawnA(line, load.value(), topology, bank);
                    worst.add(
                            1 - amps / may,
                            "All on draws {}; {} may give {}.",
                            new Amount(amps, Unit.AMPERE),
                            bank.size() == 1 ? bank.get(0).name() : "the batteries together",
                            new Amount(may, Unit.AMPERE));
                }
            }
        }
        return worst.judgement();
    }

    /** What stands in series gives what the least of it may. */
    private static double mayA(List<Pack> bank) {
        return Series.of(bank, PackRole.IN_USE).stream()
                .mapToDouble(string -> string.stream()
                        .mapToDouble(place -> bank.get(place).maxDischargeA().value())
                        .min()
                        .orElseThrow())
                .sum();
    }

    /** Of all that hangs on a bank, at the lowest volts. */
    private static double drawnA(Line line, DayLoad load, Topology topology, List<Pack> bank) {
        int root = topology.root(topology.ids().indexOf(bank.get(0).id()));
        return IntStream.range(0, line.rig().devices().size())
                .filter(device -> root >= 0 && topology.root(topology.nodeOfDevice(device)) == root)
                .mapToDouble(device -> {
                    double low =
                            line.rig().devices().get(device).limits().minV().value();
                    return load.mostAmps(device, low, low);
                })
                .sum();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BatteryChanges.take(line);
    }
}
