package app.brightkeel.server.http;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;

/**
 * A request whose body ends in an exception once it is larger than it may be, whatever its length header said, or comes
 * more slowly than any line that is alive.
 */
final class CountedRequest extends HttpServletRequestWrapper {

    /** After which the pace counts [ns]. */
    private static final long GRACE_NS = 5_000_000_000L;

    /** Least pace: a megabyte in fifty seconds [bytes/s]. */
    private static final double LEAST_PACE = 20_000;

    private static final int BUFFER = 1 << 13;

    /** Of a body that is too large already [bytes]. */
    private static final int MOST_HEARD_OUT = 4 << 20;

    private static final long HEARD_OUT_NS = 2_000_000_000L;

    private final int most;

    CountedRequest(HttpServletRequest request, int most) {
        super(request);
        this.most = most;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return new Counted(getRequest(), super.getInputStream(), most);
    }

    /** The body was larger than it may be. */
    static final class TooLarge extends IOException {
        private final int most;

        TooLarge(int most) {
            super("body too large");
            this.most = most;
        }

        /** What it may have been [bytes]. */
        int most() {
            return most;
        }
    }

    /** The body came too slowly. */
    static final class TooSlow extends IOException {
        TooSlow() {
            super("body too slow");
        }
    }

    private static final class Counted extends ServletInputStream {
        private final ServletRequest request;
        private final ServletInputStream in;
        private final int most;
        private final long startNs = System.nanoTime();
        private long read;

        Counted(ServletRequest request, ServletInputStream in, int most) {
            this.request = request;
            this.in = in;
            this.most = most;
        }

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            try {
                int some = in.read(bytes, from, length);
                count(Math.max(0, some));
                return some;
            } catch (TooLarge heardOut) {
                throw heardOut;
            } catch (IOException broken) {
                // whatever it was: nobody waits for the rest
                Unread.giveUp(request);
                throw broken;
            }
        }

        /** Who sends on for a moment and comes to an end sees the answer; for all others the connection ends. */
        private void hearOut() throws IOException {
            byte[] rest = new byte[BUFFER];
            long until = System.nanoTime() + HEARD_OUT_NS;
            for (int left = MOST_HEARD_OUT; left > 0 && System.nanoTime() < until; ) {
                int some = in.read(rest, 0, BUFFER);
                if (some < 0) {
                    return;
                }
                left -= some;
            }
            Unread.giveUp(request);
        }

        private void count(int bytes) throws IOException {
            read += bytes;
            if (read > most) {
                hearOut();
                throw new TooLarge(most);
            }
            long took = System.nanoTime() - startNs;
            if (took > GRACE_NS && read < LEAST_PACE * took / 1e9) {
                throw new TooSlow();
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
