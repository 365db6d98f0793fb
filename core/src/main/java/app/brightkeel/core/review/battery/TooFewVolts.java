package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.Circuits;
import app.brightkeel.core.battery.Simulation;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.BatteryChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** Eight rechargeable cells stand at 9.6 V nearly all of their charge: under what many displays need. */
final class TooFewVolts implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.too-few-volts", Link.BATTERY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Circuits.Order> order = line.get(Circuits.STAGE);
        WorstOf worst = new WorstOf();
        if (order.isKnown()) {
            order.value().circuits().forEach(circuit -> judge(line, circuit, worst));
        }
        return worst.judgement();
    }

    private static void judge(Line line, Simulation circuit, WorstOf worst) {
        for (Pack pack : line.rig().harness().packs()) {
            if (circuit.gives(pack)
                    && pack.chemistry().cells()
                    && pack.chemistry().rechargeable()) {
                double gives = pack.chemistry().data().nominalV() * pack.blocks();
                for (int d : circuit.fed()) {
                    Device device = line.rig().devices().get(d);
                    worst.add(
                            Math.min(1, COMFORTABLE + gives / circuit.minV().get(d) - 1),
                            "{} gives {} at work; the {} needs {}: single-use cells begin higher, packs of 12 V stay there.",
                            pack.name(),
                            new Amount(gives, Unit.VOLT),
                            device.name(),
                            new Amount(circuit.minV().get(d), Unit.VOLT));
                }
            }
        }
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BatteryChanges.take(line);
    }

    @Override
    public Text byHand() {
        return Text.of("Another battery, or a display that works at fewer volts.");
    }
}
