package app.brightkeel.server.http;

import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Work that takes a core, as many at once as there are cores and the others in the order they came: shared by all, each
 * would take as long as all together, and the dear ones longest.
 */
@Component
class Turns {

    private final Semaphore cores = new Semaphore(Runtime.getRuntime().availableProcessors(), true);

    /** Neither a slow reader nor a slow sender belongs in here: who waits for the network lets others go on. */
    <T> T take(Supplier<T> work) {
        cores.acquireUninterruptibly();
        try {
            return work.get();
        } finally {
            cores.release();
        }
    }
}
