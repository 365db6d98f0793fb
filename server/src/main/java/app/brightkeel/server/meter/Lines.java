package app.brightkeel.server.meter;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** Lines of bounded length. */
final class Lines {

    /** Longest line. */
    static final int MOST_LETTERS = 400;

    private Lines() {}

    /** A line was longer than any may be. */
    static final class TooLong extends IOException {}

    /** The next line without its end; empty where the other side has hung up. */
    static Optional<String> next(InputStream in) throws IOException {
        byte[] line = new byte[MOST_LETTERS];
        int length = 0;
        while (true) {
            int letter = in.read();
            if (letter < 0) {
                return Optional.empty();
            }
            if (letter == '\n') {
                return Optional.of(new String(line, 0, length, StandardCharsets.UTF_8).strip());
            }
            if (length == line.length) {
                throw new TooLong();
            }
            line[length++] = (byte) letter;
        }
    }
}
