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
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Device;
import java.util.List;
import java.util.stream.Stream;

/** Two screens that read different volts off one battery point at the feed wire, not at the battery. */
final class DevicesReadApart implements Rule {

    /** Screens show tenths of a volt: from here on a person wonders [V]; common practice, no source. */
    private static final double NOTICED_V = 0.3;

    private static final double EASY = 0.85;

    /** A wire that saves less than this does not bring two screens together [V]. */
    private static final double WORTH_V = 0.05;

    @Override
    public Identity identity() {
        return new Identity("wire.devices-read-apart", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<FeedState> feed = line.get(Feed.STAGE);
        if (!feed.isKnown() || !feed.value().mean().exists()) {
            return SILENT;
        }
        List<Device> devices = line.rig().devices();
        int high = -1;
        int low = -1;
        for (int d = 0; d < devices.size(); d++) {
            if (devices.get(d).kind().display() && feed.value().feeds(d)) {
                high = high < 0 || volts(feed.value(), d) > volts(feed.value(), high) ? d : high;
                low = low < 0 || volts(feed.value(), d) < volts(feed.value(), low) ? d : low;
            }
        }
        if (high < 0 || high == low) {
            return SILENT;
        }
        double apart = volts(feed.value(), high) - volts(feed.value(), low);
        return Rule.measured(
                COMFORTABLE + EASY * (1 - apart / NOTICED_V),
                "The {} reads {}, the {} {} off the same battery: the wire between takes the rest.",
                devices.get(high).name(),
                new Amount(volts(feed.value(), high), Unit.VOLT),
                devices.get(low).name(),
                new Amount(volts(feed.value(), low), Unit.VOLT));
    }

    private static double volts(FeedState feed, int device) {
        return feed.deviceVolts(device, feed.mean()).value();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WireChanges.thicker(line, WORTH_V);
    }
}
