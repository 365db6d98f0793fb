package app.brightkeel.core.review.wire;

import app.brightkeel.core.circuit.FeedOtherwise;
import app.brightkeel.core.circuit.JudgedAt;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.BankChanges;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Device;
import java.util.List;
import java.util.stream.Stream;

/** At full brightness with the pack nearly empty each device still gets its lowest volts. */
final class BelowMinimum implements Rule {

    /** Volts above the minimum from which it is comfortable; common practice, no source. */
    private static final double EASY_V = 0.3;

    @Override
    public Identity identity() {
        return new Identity("wire.device-minimum", Link.WIRE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        List<Device> devices = line.rig().devices();
        for (FeedOtherwise.Way way : FeedOtherwise.all(line)) {
            for (int d = 0; d < devices.size(); d++) {
                boolean cells = JudgedAt.cells(line, way.feed(), d);
                Outcome<Double> volts = way.feed().deviceVolts(d, JudgedAt.of(line, way.feed(), d));
                if (!volts.isKnown()) {
                    // as it is joined now that is a rule of its own
                    if (way.feed().feeds(d) && !way.over().isEmpty()) {
                        worst.add(
                                -1,
                                "{}The wire cannot carry what the {} draws at all.",
                                way.over(),
                                devices.get(d).name());
                    }
                    continue;
                }
                double least = devices.get(d).limits().minV().value();
                worst.add(
                        COMFORTABLE * (volts.value() - least) / EASY_V,
                        cells
                                ? "{}The {} gets {} of fresh cells with the screen at full brightness; it needs {}."
                                : "{}The {} gets {} with the pack nearly empty and the screen at full brightness; it needs {}.",
                        way.over(),
                        devices.get(d).name(),
                        new Amount(volts.value(), Unit.VOLT),
                        new Amount(least, Unit.VOLT));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.of(WireChanges.thicker(line), WireChanges.thickerSpares(line), BankChanges.others(line))
                .flatMap(each -> each);
    }

    @Override
    public Text byHand() {
        return Text.of("A battery that holds its volts longer, or to change before it is so far down.");
    }
}
