package app.brightkeel.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * Counts tries at the passphrase, each before it is looked at, so that many at once are no more than many one after the
 * other. Too many wrong ones from one address, or from all together, and nobody is listened to for a while.
 */
@Component
class Lockout {

    static final int MOST_OF_ONE = 5;
    static final int MOST_OF_ALL = 50;
    static final Duration WINDOW = Duration.ofMinutes(5);

    private static final String ALL = "";

    private final Map<String, Deque<Instant>> tries = new HashMap<>();
    private final Clock clock;

    Lockout(Clock clock) {
        this.clock = clock;
    }

    /** Counts a try; seconds until the address is listened to again, and then it does not count; 0 where it is now. */
    synchronized long enter(String address) {
        long wait = Math.max(wait(ALL, MOST_OF_ALL), wait(address, MOST_OF_ONE));
        if (wait == 0) {
            // addresses that have been quiet are dropped, so that the map stays as small as the number of tries
            tries.keySet().removeIf(each -> recent(each).isEmpty());
            for (String each : new String[] {ALL, address}) {
                tries.computeIfAbsent(each, key -> new ArrayDeque<>()).addLast(clock.instant());
            }
        }
        return wait;
    }

    /** The last try of an address was the right one: it is no longer counted. */
    synchronized void forgive(String address) {
        for (String each : new String[] {ALL, address}) {
            recent(each).pollLast();
        }
    }

    private long wait(String address, int most) {
        Deque<Instant> all = recent(address);
        if (all.size() < most) {
            return 0;
        }
        return Duration.between(clock.instant(), all.getFirst().plus(WINDOW)).toSeconds() + 1;
    }

    private Deque<Instant> recent(String address) {
        Deque<Instant> all = tries.getOrDefault(address, new ArrayDeque<>());
        Instant since = clock.instant().minus(WINDOW);
        while (!all.isEmpty() && all.getFirst().isBefore(since)) {
            all.removeFirst();
        }
        return all;
    }
}
