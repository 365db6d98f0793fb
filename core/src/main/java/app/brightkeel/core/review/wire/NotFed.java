package app.brightkeel.core.review.wire;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Device;
import java.util.List;
import java.util.stream.Stream;

/** A device that no pack reaches does not run. */
final class NotFed implements Rule {

    @Override
    public Identity identity() {
        return new Identity("wire.not-fed", Link.WIRE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<FeedState> feed = line.get(Feed.STAGE);
        WorstOf worst = new WorstOf();
        List<Device> devices = line.rig().devices();
        for (int d = 0; d < devices.size() && feed.isKnown(); d++) {
            if (!feed.value().feeds(d)) {
                worst.add(
                        -1,
                        "Nothing feeds the {}: no wire leads to it from a battery.",
                        devices.get(d).name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WireChanges.directLead(line).stream();
    }
}
