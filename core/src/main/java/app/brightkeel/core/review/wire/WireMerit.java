package app.brightkeel.core.review.wire;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.gear.HarnessPrices;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.LinkReview.Merit;
import app.brightkeel.core.review.Trait;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;

/** What speaks for and against a harness: volts at the worst device, mass, money, and how many joints can fail. */
final class WireMerit {

    /** Density of copper over a square millimetre and a metre [kg]. */
    private static final double COPPER_KG = 8.96e-3;

    /** What insulation adds to the copper of small wire; common practice, no source. */
    private static final double INSULATED = 1.4;

    /** Volts that are worth a word. */
    private static final double WORTH_V = 0.01;

    /** Copper that is. */
    private static final double WORTH_KG = 0.02;

    private WireMerit() {}

    static Merit of(Line planned, Line changed) {
        Outcome<FeedState> feed = changed.get(Feed.STAGE);
        if (!feed.isKnown()) {
            return Merit.NONE;
        }
        Harness harness = changed.rig().harness();
        double cost = HarnessPrices.of(harness);
        List<Text> notes = new ArrayList<>();
        notes.add(Text.of(
                "{} of wire, {} joints, costs about {}",
                new Amount(massKg(harness), Unit.FINE_KILOGRAM),
                new Amount(joints(harness), Unit.COUNT),
                new Amount(cost, Unit.MONEY)));
        if (changed.entered().equals(planned.entered())) {
            notes.addAll(generous(planned));
        }
        return new Merit(-cost, notes, traits(planned), traits(changed));
    }

    private static List<Trait> traits(Line line) {
        Outcome<FeedState> feed = line.get(Feed.STAGE);
        if (!feed.isKnown()) {
            return List.of();
        }
        Harness harness = line.rig().harness();
        return List.of(
                new Trait.Counted(
                        "volts at the worst device",
                        new Amount(worstV(feed.value()), Unit.VOLT),
                        true,
                        WORTH_V,
                        "buys {} at the worst device",
                        "loses {} at the worst device"),
                new Trait.Counted(
                        "mass",
                        new Amount(massKg(harness), Unit.FINE_KILOGRAM),
                        false,
                        WORTH_KG,
                        "{} more copper",
                        "{} less copper"),
                new Trait.Counted(
                        "cost",
                        new Amount(HarnessPrices.of(harness), Unit.MONEY),
                        false,
                        1,
                        "costs {} more",
                        "costs {} less"),
                new Trait.Counted(
                        "joints",
                        new Amount(joints(harness), Unit.COUNT),
                        false,
                        1,
                        "joints that can fail: {} more",
                        "joints that can fail: {} fewer"));
    }

    /** Thicker than needed is allowed: what would be enough stands beside. */
    private static List<Text> generous(Line line) {
        List<Text> all = new ArrayList<>();
        for (Segment segment : GaugeNeeded.looked(line)) {
            Gauge planned = segment.wire().gauge();
            Gauge enough = GaugeNeeded.of(line, segment);
            if (!enough.equals(planned)) {
                all.add(Text.of(
                        "{} is generous, {} is enough",
                        segment.name(),
                        new Amount(enough.size().areaMm2(), Unit.WIRE)));
            }
        }
        return all;
    }

    private static double worstV(FeedState feed) {
        int worst = feed.worstDevice();
        return worst < 0 || !feed.empty().exists()
                ? 0
                : feed.deviceVolts(worst, feed.empty()).value();
    }

    static double massKg(Harness harness) {
        return harness.segments().stream().mapToDouble(WireMerit::massKg).sum();
    }

    private static double massKg(Segment segment) {
        double copper = 2
                * segment.wire().lengthM().value()
                * segment.wire().gauge().size().areaMm2()
                * COPPER_KG;
        return copper * INSULATED;
    }

    /** Contacts in the way of the current: both ends of each wire, and all that sits in it. */
    static int joints(Harness harness) {
        return harness.segments().stream()
                .mapToInt(segment -> 2 + segment.fittings().size())
                .sum();
    }
}
