package app.brightkeel.server.http;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;

/** A request whose body ends in an exception once it is larger than it may be, whatever its length header said. */
final class CountedRequest extends HttpServletRequestWrapper {

    private final int most;

    CountedRequest(HttpServletRequest request, int most) {
        super(request);
        this.most = most;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return new Counted(super.getInputStream(), most);
    }

    /** The body was larger than it may be. */
    static final class TooLarge extends IOException {
        TooLarge() {
            super("body too large");
        }
    }

    private static final class Counted extends ServletInputStream {
        private final ServletInputStream in;
        private long left;

        Counted(ServletInputStream in, int most) {
            this.in = in;
            this.left = most;
        }

        @Override
        public int read() throws IOException {
            int read = in.read();
            count(read < 0 ? 0 : 1);
            return read;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int read = in.read(bytes, from, length);
            count(Math.max(0, read));
            return read;
        }

        private void count(int bytes) throws TooLarge {
            left -= bytes;
            if (left < 0) {
                throw new TooLarge();
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
