package app.brightkeel.core.review.wire;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.protection.Ampacity;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** No wire carries more than its insulation stands in this air and bundle (ABYC E-11, ISO 10133). */
final class LoadAboveAmpacity implements Rule {

    @Override
    public Identity identity() {
        return new Identity("wire.ampacity", Link.WIRE, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<FeedState> feed = line.get(Feed.STAGE);
        if (!feed.isKnown() || !feed.value().empty().exists()) {
            return SILENT;
        }
        WorstOf worst = new WorstOf();
        FeedState state = feed.value();
        for (int node = 0; node < state.topology().ids().size(); node++) {
            int place = state.topology().segments().get(node);
            if (place >= 0) {
                Segment segment = line.rig().harness().segments().get(place);
                double amps = Math.abs(state.empty().amps().get(node));
                double carries =
                        new Ampacity(segment.wire(), line.rig().outing().airC().value()).amps();
                worst.add(
                        1 - amps / Math.max(carries, 1e-9),
                        "{} carries {}; its insulation stands {} here.",
                        segment.name(),
                        new Amount(amps, Unit.AMPERE),
                        new Amount(carries, Unit.AMPERE));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WireChanges.thicker(line);
    }
}
