package app.brightkeel.server.files.log;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;

/** Reads a log of either kind, told apart by how it begins. */
public final class LogReader {

    /** Largest log [bytes]. */
    public static final int MOST_BYTES = 40 << 20;

    private static final int LOOK = 4096;

    private LogReader() {}

    /**
     * Reads to the end; nothing is kept but time by depth.
     *
     * @param name it is called by
     * @throws Refusal where it is no log, or has no depth in it: what was usable is said
     */
    public static LogRead read(InputStream in, String name) throws IOException {
        BufferedInputStream buffered = new BufferedInputStream(in, 1 << 16);
        buffered.mark(LOOK);
        int first = buffered.read();
        for (int looked = 1; looked < LOOK && passedOver(first); looked++) {
            first = buffered.read();
        }
        buffered.reset();
        if (first < 0) {
            throw refusal("it is empty");
        }
        return first == '<' ? GpxLog.read(buffered, name) : NmeaLog.read(buffered, name);
    }

    /** White space, what fills a file that was never written, and the mark of UTF-8. */
    private static boolean passedOver(int c) {
        return c >= 0 && (c <= ' ' || c == 0xEF || c == 0xBB || c == 0xBF);
    }

    static Refusal refusal(String why) {
        return new Refusal(RefusalCode.UNREADABLE, "log", "", why);
    }
}
