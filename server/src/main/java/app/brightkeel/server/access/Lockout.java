package app.brightkeel.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Counts wrong passphrases: too many from one address, or from all together, and nobody is listened to for a while. */
@Component
class Lockout {

    static final int MOST_OF_ONE = 5;
    static final int MOST_OF_ALL = 50;
    static final Duration WINDOW = Duration.ofMinutes(5);

    private static final String ALL = "";

    private final Map<String, Deque<Instant>> wrong = new HashMap<>();
    private final Clock clock;

    Lockout(Clock clock) {
        this.clock = clock;
    }

    /** Seconds until an address is listened to again; 0 where it is now. */
    synchronized long wait(String address) {
        return Math.max(wait(ALL, MOST_OF_ALL), wait(address, MOST_OF_ONE));
    }

    private long wait(String address, int most) {
        Deque<Instant> tries = recent(address);
        if (tries.size() < most) {
            return 0;
        }
        return Duration.between(clock.instant(), tries.getFirst().plus(WINDOW)).toSeconds() + 1;
    }

    synchronized void count(String address) {
        // addresses that have been quiet are dropped, so that the map stays as small as the number of tries
        wrong.keySet().removeIf(each -> recent(each).isEmpty());
        for (String each : new String[] {ALL, address}) {
            wrong.computeIfAbsent(each, key -> new ArrayDeque<>()).addLast(clock.instant());
        }
    }

    private Deque<Instant> recent(String address) {
        Deque<Instant> tries = wrong.getOrDefault(address, new ArrayDeque<>());
        Instant since = clock.instant().minus(WINDOW);
        while (!tries.isEmpty() && tries.getFirst().isBefore(since)) {
            tries.removeFirst();
        }
        return tries;
    }
}
