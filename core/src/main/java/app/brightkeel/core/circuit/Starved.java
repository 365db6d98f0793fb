package app.brightkeel.core.circuit;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.rig.Device;
import java.util.List;
import java.util.function.IntFunction;

/** Whether wire lets a device go short of its lowest volts. */
public final class Starved {

    private Starved() {}

    /**
     * Whether any that is fed does, with the pack nearly empty, whichever pack and lead are joined, or while one starts;
     * also where the wire cannot carry what they draw. None does where the feed is not known.
     */
    public static boolean any(Line line) {
        return FeedOtherwise.all(line).stream().anyMatch(way -> nearlyEmpty(line, way.feed()))
                || line.get(Feed.STAGE)
                        .map(feed -> feed.starter() >= 0 && any(line, feed, d -> feed.start()))
                        .orElse(false);
    }

    private static boolean nearlyEmpty(Line line, FeedState feed) {
        return any(line, feed, d -> JudgedAt.of(line, feed, d));
    }

    private static boolean any(Line line, FeedState feed, IntFunction<FeedState.Point> moment) {
        List<Device> devices = line.rig().devices();
        for (int d = 0; d < devices.size(); d++) {
            double leastV = devices.get(d).limits().minV().value();
            Outcome<Double> volts = feed.deviceVolts(d, moment.apply(d));
            if (feed.feeds(d) && volts.map(each -> each < leastV).orElse(true)) {
                return true;
            }
        }
        return false;
    }
}
