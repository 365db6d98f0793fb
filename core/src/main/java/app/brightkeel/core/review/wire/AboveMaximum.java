package app.brightkeel.core.review.wire;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
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

/** A full pack stays under each device's highest volts; two 12 V packs in series are 24 V. */
final class AboveMaximum implements Rule {

    @Override
    public Identity identity() {
        return new Identity("wire.above-maximum", Link.WIRE, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<FeedState> feed = line.get(Feed.STAGE);
        WorstOf worst = new WorstOf();
        List<Device> devices = line.rig().devices();
        for (int d = 0; d < devices.size() && feed.isKnown(); d++) {
            Outcome<Double> volts = feed.value().deviceVolts(d, feed.value().full());
            if (volts.isKnown()) {
                double most = devices.get(d).limits().maxV().value();
                worst.add(
                        WorstOf.within(volts.value(), most),
                        "The {} gets {} from a full pack; it stands {}.",
                        devices.get(d).name(),
                        new Amount(volts.value(), Unit.VOLT),
                        new Amount(most, Unit.VOLT));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(WireChanges.twelveVolts(line).stream(), BankChanges.spares(line));
    }
}
