package app.brightkeel.core.picture;

import app.brightkeel.core.battery.CurvePoint;
import app.brightkeel.core.battery.Curves;
import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.DayLoad.PhaseLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Device;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * A harness at a moment.
 *
 * @param feed  the harness
 * @param point volts and amperes then
 * @param watts of each device then
 * @param words what moment it is
 */
record MomentState(FeedState feed, FeedState.Point point, List<Double> watts, Text words) {

    static Outcome<MomentState> of(Line line, Moment moment) {
        Outcome<FeedState> feed = line.get(Feed.STAGE);
        if (!feed.isKnown()) {
            return new Outcome.Missing<>(feed.missing());
        }
        if (moment.charge() != Moment.Charge.HOUR) {
            return Outcome.known(charged(line, feed.value(), moment));
        }
        return line.get(Curves.STAGE).map(curves -> atHour(line, feed.value(), moment, curves.median()));
    }

    private static MomentState charged(Line line, FeedState feed, Moment moment) {
        ToDoubleFunction<PackModel> charge = switch (moment.charge()) {
            case FULL -> pack -> 1;
            case HALF -> pack -> (1 + pack.emptyCharge()) / 2;
            default -> PackModel::emptyCharge;
        };
        String words = switch (moment.charge()) {
            case FULL -> "battery full";
            case HALF -> "battery half used";
            default -> "battery nearly empty";
        };
        List<Double> watts = load(line).fullW();
        return of(line, feed, moment, charge, watts, Text.of(words + ", everything at full brightness"));
    }

    private static MomentState atHour(Line line, FeedState feed, Moment moment, DayRun run) {
        double hour = Math.min(moment.hour(), run.hours());
        double charge = chargeAt(run.points(), hour);
        PhaseLoad phase = load(line).phaseAt(hour);
        Text words = hour < moment.hour()
                ? Text.of("the battery has ended after {}: its last moment", new Amount(hour, Unit.HOUR))
                : Text.of(
                        "{} into the day, {}, {} left",
                        new Amount(hour, Unit.HOUR),
                        phase.name(),
                        new Amount(charge, Unit.PERCENT));
        return of(line, feed, moment, pack -> charge, phase.onW(), words);
    }

    private static double chargeAt(List<CurvePoint> points, double hour) {
        CurvePoint before = points.get(0);
        for (CurvePoint point : points) {
            if (point.hours() >= hour) {
                double span = point.hours() - before.hours();
                double share = span > 0 ? (hour - before.hours()) / span : 1;
                return before.charge() + share * (point.charge() - before.charge());
            }
            before = point;
        }
        return before.charge();
    }

    private static MomentState of(
            Line line, FeedState feed, Moment moment, ToDoubleFunction<PackModel> charge, List<Double> on, Text words) {
        List<Double> watts = new ArrayList<>(on);
        List<Device> devices = line.rig().devices();
        boolean starts = moment.starting() && feed.starter() >= 0;
        if (starts) {
            watts.set(feed.starter(), load(line).startW().get(feed.starter()));
        }
        for (int d = 0; d < devices.size(); d++) {
            if (moment.off().contains(devices.get(d).id())) {
                watts.set(d, 0.0);
            }
        }
        Text all = starts && watts.get(feed.starter()) > 0
                ? words.then(Text.of(
                        ", the {} just starting", devices.get(feed.starter()).name()))
                : words;
        return new MomentState(feed, Feed.at(line, charge, watts), List.copyOf(watts), all);
    }

    private static DayLoad load(Line line) {
        return line.get(Load.STAGE).value();
    }
}
