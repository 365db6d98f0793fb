package app.brightkeel.core.review.wire;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.wire.WireChanges;
import java.util.stream.Stream;

/** Beyond the collapse limit constant-power gear finds no volts to run on: {@code P > V² / 4R} for a single branch. */
final class NoOperatingPoint implements Rule {

    @Override
    public Identity identity() {
        return new Identity("wire.no-operating-point", Link.WIRE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<FeedState> feed = line.get(Feed.STAGE);
        if (!feed.isKnown() || feed.value().empty().exists()) {
            return SILENT;
        }
        return Rule.measured(
                -1, "The wire cannot carry this power at all: with the pack nearly empty the volts collapse.");
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WireChanges.thicker(line);
    }
}
