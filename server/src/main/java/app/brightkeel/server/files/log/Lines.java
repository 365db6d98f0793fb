package app.brightkeel.server.files.log;

import java.io.IOException;
import java.io.InputStream;
import org.jspecify.annotations.Nullable;

/**
 * Lines of a log as they come, in fixed room: one that never ends comes in pieces, several sentences on a line come one by
 * one, and what loggers write before a sentence is passed over.
 */
final class Lines {

    /** Many times the 82 characters of a sentence, with what loggers write before it. */
    static final int LONGEST = 1024;

    private final InputStream in;
    private final StringBuilder line = new StringBuilder(LONGEST);
    private boolean ended;

    /** Whether the sentence that follows has begun already. */
    private boolean begun;

    /** @param in buffered: it is read byte by byte */
    Lines(InputStream in) {
        this.in = in;
    }

    /** The next sentence, line, or piece of one, without its end; null behind the last. */
    @Nullable
    String next() throws IOException {
        line.setLength(0);
        if (begun) {
            line.append('$');
            begun = false;
        }
        while (!ended && line.length() < LONGEST) {
            int c = in.read();
            if (c < 0) {
                ended = true;
            } else if (c == '\n' || c == '\r') {
                return line.toString();
            } else if (c == '$' && sentence()) {
                begun = true;
                return line.toString();
            } else if (c == '$') {
                line.setLength(0);
                line.append('$');
            } else {
                // each byte a character of ISO 8859-1: what is no sentence need not be read
                line.append((char) c);
            }
        }
        return ended && line.isEmpty() ? null : line.toString();
    }

    private boolean sentence() {
        return !line.isEmpty() && (line.charAt(0) == '$' || line.charAt(0) == '!');
    }
}
