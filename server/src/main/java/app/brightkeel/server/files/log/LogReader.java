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
        while (first >= 0 && (first <= ' ' || first == 0xEF || first == 0xBB || first == 0xBF)) {
            first = buffered.read();
        }
        buffered.reset();
        if (first < 0) {
            throw refusal("it is empty");
        }
        return first == '<' ? GpxLog.read(buffered, name) : NmeaLog.read(buffered, name);
    }

    static Refusal refusal(String why) {
        return new Refusal(RefusalCode.UNREADABLE, "log", "", why);
    }
}
