package app.brightkeel.server.http;

import app.brightkeel.core.advice.Advisor;
import app.brightkeel.server.store.StoredRig;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Advice of the rigs that were asked for last. A first answer comes of the first answers to each question alone, in a few
 * seconds; going through all rigs there are takes a minute or two and runs beside, for one rig at a time.
 */
@Component
class Advisors {

    /** So many rigs are gone through at once: a few seconds at most. */
    private static final long RIGS = 125_000;

    /** Searches are kept for so many rigs: wishes change many times, the rig does not. */
    private static final int KEPT = 4;

    private final Lines lines;
    private final Turns turns;
    private final OwnChanges own;
    private final Map<String, Advisor> kept = new LinkedHashMap<>(KEPT, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Advisor> eldest) {
            return size() > KEPT;
        }
    };

    private @Nullable Whole running;

    Advisors(Lines lines, Turns turns, OwnChanges own) {
        this.lines = lines;
        this.turns = turns;
        this.own = own;
    }

    /** How far a search of all rigs is. */
    private static final class Whole {
        private final String key;
        private final long all;
        private final AtomicLong done = new AtomicLong();
        private volatile boolean stopped;

        private Whole(String key, long all) {
            this.key = key;
            this.all = all;
        }
    }

    /**
     * @param running whether all rigs there are are being gone through
     * @param done    of them, and how many are {@code left} at most: many go in one with others
     */
    record Going(boolean running, long done, long left) {}

    Advisor of(StoredRig stored) {
        String key = key(stored);
        Optional<Advisor> known = known(key);
        return known.orElseGet(() -> {
            Advisor made = turns.takeLong(
                    () -> looked(Advisor.of(lines.of(stored), own.items(), RIGS, () -> false, done -> {})));
            keep(key, made);
            return made;
        });
    }

    /** What takes long is asked here: each answer that is told has it. */
    private static Advisor looked(Advisor made) {
        made.turns();
        made.inTheWay();
        return made;
    }

    private String key(StoredRig stored) {
        return stored.id() + " " + stored.revision() + own.stamp();
    }

    private synchronized Optional<Advisor> known(String key) {
        return Optional.ofNullable(kept.get(key));
    }

    private synchronized void keep(String key, Advisor made) {
        kept.put(key, made);
    }

    /** Begins to go through all rigs, unless that is being done or was; of another rig it is called off. */
    Going begin(StoredRig stored) {
        Advisor first = of(stored);
        if (first.searched() < first.all()) {
            begin(new Whole(key(stored), first.all()), first);
        }
        return going(stored);
    }

    private synchronized void begin(Whole whole, Advisor first) {
        Whole now = running;
        if (now != null && now.key.equals(whole.key)) {
            return;
        }
        if (now != null) {
            now.stopped = true;
        }
        running = whole;
        Thread thread = new Thread(() -> gone(whole, first), "advice");
        thread.setDaemon(true);
        thread.start();
    }

    private void gone(Whole whole, Advisor first) {
        try {
            Advisor further = first.further(() -> whole.stopped, done -> whole.done.accumulateAndGet(done, Math::max));
            keep(whole.key, looked(further));
        } finally {
            ended(whole);
        }
    }

    private synchronized void ended(Whole whole) {
        if (running == whole) {
            running = null;
        }
    }

    /** Calls it off: what was found until then is advised. */
    synchronized Going stop(StoredRig stored) {
        Whole now = running;
        if (now != null && now.key.equals(key(stored))) {
            now.stopped = true;
        }
        return going(stored);
    }

    synchronized Going going(StoredRig stored) {
        Whole now = running;
        if (now != null && now.key.equals(key(stored))) {
            return new Going(true, now.done.get(), now.all - now.done.get());
        }
        return known(key(stored))
                .map(each -> new Going(false, each.searched(), each.all() - each.searched()))
                .orElse(new Going(false, 0, 0));
    }
}
