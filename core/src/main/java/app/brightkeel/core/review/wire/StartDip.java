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
import app.brightkeel.core.review.change.wire.OwnRun;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Device;
import java.util.List;
import java.util.stream.Stream;

/** While the device with the largest peak starts, with the pack nearly empty, every other still gets its lowest volts. */
final class StartDip implements Rule {

    /** Volts above the minimum from which it is comfortable; common practice, no source. */
    private static final double EASY_V = 0.3;

    @Override
    public Identity identity() {
        return new Identity("wire.start-dip", Link.WIRE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<FeedState> outcome = line.get(Feed.STAGE);
        if (!outcome.isKnown() || outcome.value().starter() < 0) {
            return SILENT;
        }
        FeedState feed = outcome.value();
        List<Device> devices = line.rig().devices();
        String starter = devices.get(feed.starter()).name();
        if (!feed.start().exists()) {
            return feed.empty().exists()
                    ? Rule.measured(-1, "The volts collapse as the {} starts with the pack nearly empty.", starter)
                    : SILENT;
        }
        WorstOf worst = new WorstOf();
        for (int d = 0; d < devices.size(); d++) {
            Outcome<Double> volts = feed.deviceVolts(d, feed.start());
            if (volts.isKnown()) {
                double least = devices.get(d).limits().minV().value();
                worst.add(
                        COMFORTABLE * (volts.value() - least) / EASY_V,
                        "The {} gets {} as {}, pack nearly empty; it needs {}.",
                        devices.get(d).name(),
                        new Amount(volts.value(), Unit.VOLT),
                        d == feed.starter() ? "it starts" : "the " + starter + " starts",
                        new Amount(least, Unit.VOLT));
            }
        }
        return worst.judgement();
    }

    /** A run of its own for what starts, or wire thick enough for what is missing. */
    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(OwnRun.of(line), WireChanges.thicker(line, missingV(line)));
    }

    /** Volts missing at the device that is shortest of them; 0 where the volts collapse and nobody can tell. */
    private static double missingV(Line line) {
        FeedState feed = line.get(Feed.STAGE).value();
        List<Device> devices = line.rig().devices();
        double missing = 0;
        for (int d = 0; d < devices.size(); d++) {
            Outcome<Double> volts = feed.deviceVolts(d, feed.start());
            if (volts.isKnown()) {
                missing = Math.max(missing, devices.get(d).limits().minV().value() - volts.value());
            }
        }
        return missing;
    }
}
