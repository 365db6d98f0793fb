package app.brightkeel.core.review.wire;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.circuit.JudgedAt;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.change.wire.Distribution;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The Wire link: volts at the worst device, nearly empty; gauges as what could be had instead. */
public final class WireReview implements LinkReview {

    @Override
    public Link link() {
        return Link.WIRE;
    }

    @Override
    public Outcome<Text> number(Line line) {
        return line.get(Feed.STAGE).map(feed -> worstVolts(line, feed));
    }

    private static Text worstVolts(Line line, FeedState feed) {
        double worst = Double.POSITIVE_INFINITY;
        for (int d = 0; d < line.rig().devices().size(); d++) {
            if (feed.feeds(d)) {
                worst = Math.min(
                        worst, feed.deviceVolts(d, JudgedAt.of(line, feed, d)).orElse(0.0));
            }
        }
        if (Double.isInfinite(worst)) {
            return Text.of("not fed");
        }
        return worst > 0 ? Text.of(worst, Unit.VOLT) : Text.of("collapses");
    }

    @Override
    public List<Working> workings(Line line) {
        return List.of(Feed.STAGE.working(line), GaugeNeeded.working(line));
    }

    /** Gauge and length of each segment. */
    @Override
    public Text planned(Line line) {
        List<Object> parts = new ArrayList<>();
        StringBuilder template = new StringBuilder();
        for (Segment segment : line.rig().harness().segments()) {
            if (segment.wire().measured()) {
                template.append(template.isEmpty() ? "{}, {}" : " · {}, {}");
                parts.add(new Amount(segment.wire().gauge().size().areaMm2(), Unit.WIRE));
                parts.add(new Amount(segment.wire().lengthM().value(), Unit.METRE));
            }
        }
        return Text.of(template.toString(), parts.toArray());
    }

    @Override
    public Merit merit(Line planned, Line changed) {
        return WireMerit.of(planned, changed);
    }

    @Override
    public Map<String, ChangeKind> kinds() {
        return WireKinds.ALL;
    }

    /** Every size for the segments on the way to the worst device, and the schools of distribution. */
    @Override
    public List<Change> alternatives(Line line) {
        List<Change> all = new ArrayList<>(gauges(line));
        all.addAll(Distribution.all(line));
        return all;
    }

    private static List<Change> gauges(Line line) {
        Outcome<FeedState> feed = line.get(Feed.STAGE);
        if (!feed.isKnown() || feed.value().worstDevice() < 0) {
            return List.of();
        }
        List<Change> all = new ArrayList<>();
        Topology tree = feed.value().topology();
        for (int place : tree.way(tree.nodeOfDevice(feed.value().worstDevice()))) {
            Segment segment = line.entered().harness().segments().get(place);
            WireChanges.family(segment.wire().gauge())
                    .forEach(gauge -> all.add(WireChanges.gauge(line, segment, gauge)));
        }
        return all;
    }
}
