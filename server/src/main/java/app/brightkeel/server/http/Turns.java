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

    private static final int CORES = Runtime.getRuntime().availableProcessors();

    private final Semaphore cores = new Semaphore(CORES, true);

    /** Long work leaves a core to what is short. */
    private final Semaphore longOnes = new Semaphore(Math.max(1, CORES - 1), true);

    /** Neither a slow reader nor a slow sender belongs in here: who waits for the network lets others go on. */
    <T> T take(Supplier<T> work) {
        cores.acquireUninterruptibly();
        try {
            return work.get();
        } finally {
            cores.release();
        }
    }

    /** The same for work that takes many times as long as most: it waits for its like alone. */
    <T> T takeLong(Supplier<T> work) {
        longOnes.acquireUninterruptibly();
        try {
            return take(work);
        } finally {
            longOnes.release();
        }
    }
}
