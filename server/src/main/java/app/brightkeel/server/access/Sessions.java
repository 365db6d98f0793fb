package app.brightkeel.server.access;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Who has given the passphrase; forgotten when the program ends. */
@Component
class Sessions {

    static final Duration LASTS = Duration.ofHours(12);

    private static final int MOST = 200;
    private static final int BYTES = 32;

    private final SecureRandom random = new SecureRandom();
    private final Map<String, Instant> until = new ConcurrentHashMap<>();
    private final Clock clock;

    Sessions(Clock clock) {
        this.clock = clock;
    }

    /** A new session's secret. */
    String open() {
        Instant now = clock.instant();
        until.values().removeIf(end -> end.isBefore(now));
        if (until.size() >= MOST) {
            until.clear();
        }
        byte[] secret = new byte[BYTES];
        random.nextBytes(secret);
        String token = HexFormat.of().formatHex(secret);
        until.put(token, now.plus(LASTS));
        return token;
    }

    boolean holds(String token) {
        Instant end = until.get(token);
        return end != null && end.isAfter(clock.instant());
    }

    void close(String token) {
        until.remove(token);
    }
}
