package app.brightkeel.server.files.log;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.apache.commons.io.ByteOrderMark;
import org.apache.commons.io.input.BOMInputStream;
import org.apache.commons.io.input.ReaderInputStream;

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
        Opened opened = open(in);
        return opened.gpx() ? GpxLog.read(opened.in(), opened.wide(), name) : NmeaLog.read(opened.in(), name);
    }

    /**
     * When it begins and ends; depths are not wanted.
     *
     * @throws Refusal where it is no log, or has no time with a date in it
     */
    public static TrackSpan span(InputStream in) throws IOException {
        Opened opened = open(in);
        return opened.gpx() ? GpxLog.span(opened.in(), opened.wide()) : NmeaLog.span(opened.in());
    }

    /** @param wide whether it was of two bytes a letter, and is UTF-8 now */
    private record Opened(InputStream in, boolean gpx, boolean wide) {}

    private static Opened open(InputStream in) throws IOException {
        BOMInputStream marked = BOMInputStream.builder()
                .setInputStream(in)
                .setByteOrderMarks(ByteOrderMark.UTF_8, ByteOrderMark.UTF_16LE, ByteOrderMark.UTF_16BE)
                .get();
        String mark = marked.hasBOM() ? marked.getBOMCharsetName() : "";
        BufferedInputStream buffered = new BufferedInputStream(marked, 1 << 16);
        Optional<Charset> wide = mark.startsWith("UTF-16") ? Optional.of(Charset.forName(mark)) : wide(buffered);
        buffered.mark(LOOK);
        int first = buffered.read();
        for (int looked = 1; looked < LOOK && passedOver(first); looked++) {
            first = buffered.read();
        }
        buffered.reset();
        if (first < 0) {
            throw refusal("it is empty");
        }
        InputStream narrow = wide.isPresent() ? narrow(buffered, wide.get()) : buffered;
        return new Opened(narrow, first == '<', wide.isPresent());
    }

    /** UTF-16 by the zero beside its first letter. */
    private static Optional<Charset> wide(BufferedInputStream in) throws IOException {
        in.mark(2);
        int one = in.read();
        int two = in.read();
        in.reset();
        if (one > 0 && two == 0) {
            return Optional.of(StandardCharsets.UTF_16LE);
        }
        return one == 0 && two > 0 ? Optional.of(StandardCharsets.UTF_16BE) : Optional.empty();
    }

    private static InputStream narrow(InputStream in, Charset wide) throws IOException {
        return new BufferedInputStream(ReaderInputStream.builder()
                .setReader(new InputStreamReader(in, wide))
                .setCharset(StandardCharsets.UTF_8)
                .get());
    }

    /** White space, and what fills a file that was never written. */
    private static boolean passedOver(int c) {
        return c >= 0 && c <= ' ';
    }

    static Refusal refusal(String why) {
        return new Refusal(RefusalCode.UNREADABLE, "log", "", why);
    }
}
