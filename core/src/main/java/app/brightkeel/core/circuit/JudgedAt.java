package app.brightkeel.core.circuit;

import app.brightkeel.core.line.Line;

/**
 * The moment at which volts at a device are judged: the pack nearly empty. Single cells end where the device does, not
 * where they are empty, so that they are judged fresh and the hours tell when they end.
 */
public final class JudgedAt {

    private JudgedAt() {}

    public static FeedState.Point of(Line line, FeedState feed, int device) {
        return cells(line, feed, device) ? feed.full() : feed.empty();
    }

    /** Whether single cells feed a device. */
    public static boolean cells(Line line, FeedState feed, int device) {
        int source = feed.topology().sourceOfDevice(device);
        return source >= 0
                && feed.topology().sources().get(source).stream()
                        .allMatch(place -> line.rig()
                                .harness()
                                .packs()
                                .get(place)
                                .chemistry()
                                .cells());
    }
}
