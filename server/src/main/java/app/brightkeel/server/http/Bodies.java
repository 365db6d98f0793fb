package app.brightkeel.server.http;

import app.brightkeel.server.access.Refused;
import app.brightkeel.server.files.PhotoFile;
import app.brightkeel.server.files.bundle.BundleFile;
import app.brightkeel.server.files.log.LogReader;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Bodies of bounded size, at a bounded pace, and only so many at once as memory and threads hold: whoever comes beyond
 * that is asked to come again, so that pages are answered meanwhile.
 */
@Component
@Order(0) // behind the security framework, which stands at −100: nobody unknown takes a place here
class Bodies extends OncePerRequestFilter {

    /** Largest body of a rig [bytes]. */
    static final int MOST_BYTES = 1 << 20;

    static final String TOO_LARGE = "The body is larger than 1 MB, the most a rig may take.";

    static final String LOG_TOO_LARGE = "The log is larger than 40 MB: give it in pieces, a day each.";

    static final String PHOTO_TOO_LARGE = "The photo is larger than 8 MB, the most one may take.";

    static final String BUNDLE_TOO_LARGE = "The bundle is larger than 1 GB, the most one may take.";

    static final String TOO_SLOW = "The body came too slowly and was given up.";

    // as text: the firewall lets no address through that is written in another way
    private static final Pattern LOG = Pattern.compile("/api/rigs/[^/]+/log");

    private static final String BUNDLE = "/api/rigs/bundle";

    private static final Pattern PHOTO = Pattern.compile("/api/rigs/[^/]+/build/photos");

    /** A body takes a part of the room for each so many bytes: as a tree it is many times as large. */
    private static final int PART_BYTES = 1 << 16;

    /** Four of the largest rigs, or sixty-four small ones. */
    private static final int PARTS = 64;

    /** A log is read as it comes and takes no more than its buffers. */
    private static final int PARTS_OF_LOG = 8;

    /** A bundle goes to the disk as it comes; two at once are enough. */
    private static final int PARTS_OF_BUNDLE = 32;

    /** A photo is held whole: two at once are enough. */
    private static final int PARTS_OF_PHOTO = 32;

    /** How much of one sort of body is taken, and what whoever sends more is told. */
    private record Most(int bytes, String tooLarge, int parts) {}

    private static final Most OF_LOG = new Most(LogReader.MOST_BYTES, LOG_TOO_LARGE, PARTS_OF_LOG);
    private static final Most OF_PHOTO = new Most(PhotoFile.MOST_BYTES, PHOTO_TOO_LARGE, PARTS_OF_PHOTO);

    private static final Most OF_BUNDLE = new Most(BundleFile.MOST_BYTES, BUNDLE_TOO_LARGE, PARTS_OF_BUNDLE);

    private static final int MOST_WAITING = 32;
    private static final long PATIENCE_MS = 800;

    private static final int MOST_DRAINED = 16;

    private final Semaphore room = new Semaphore(PARTS, true);
    private final Semaphore drains = new Semaphore(MOST_DRAINED);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Most most = most(request);
        if (!hasBody(request)) {
            chain.doFilter(request, response);
        } else if (request.getContentLengthLong() > most.bytes()) {
            refuse(request, response, 413, most.tooLarge());
        } else {
            inTurn(request, response, chain, most.bytes(), most.parts());
        }
    }

    private static Most most(HttpServletRequest request) {
        String address = request.getRequestURI();
        if (LOG.matcher(address).matches()) {
            return OF_LOG;
        }
        if (address.equals(BUNDLE)) {
            return OF_BUNDLE;
        }
        return PHOTO.matcher(address).matches()
                ? OF_PHOTO
                : new Most(MOST_BYTES, TOO_LARGE, parts(request.getContentLength()));
    }

    /** What is told of a body that turned out larger than it may be. */
    static String tooLarge(int most) {
        return switch (most) {
            case MOST_BYTES -> TOO_LARGE;
            case PhotoFile.MOST_BYTES -> PHOTO_TOO_LARGE;
            case BundleFile.MOST_BYTES -> BUNDLE_TOO_LARGE;
            default -> LOG_TOO_LARGE;
        };
    }

    private void inTurn(
            HttpServletRequest request, HttpServletResponse response, FilterChain chain, int most, int parts)
            throws ServletException, IOException {
        if (!taken(parts)) {
            response.setHeader(HttpHeaders.RETRY_AFTER, "1");
            refuse(
                    request,
                    response,
                    503,
                    "So many are at it that this one has to come again in a moment; nothing was saved.");
            return;
        }
        try {
            chain.doFilter(new CountedRequest(request, most), response);
        } finally {
            room.release(parts);
        }
    }

    private boolean taken(int parts) {
        if (room.getQueueLength() >= MOST_WAITING) {
            return false;
        }
        try {
            return room.tryAcquire(parts, PATIENCE_MS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** One of unknown length may turn out to be of the largest. */
    private static int parts(int length) {
        return length < 0 ? MOST_BYTES / PART_BYTES : 1 + length / PART_BYTES;
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
    }

    private void refuse(HttpServletRequest request, HttpServletResponse response, int status, String detail)
            throws IOException {
        drain(request);
        response.setHeader(HttpHeaders.CONNECTION, "close");
        Refused.write(response, status, detail);
    }

    /**
     * Reads what is on its way, so that its sender sees the answer instead of a broken connection; but only of a few at
     * once, and no more than a rig may take.
     */
    private void drain(HttpServletRequest request) {
        if (!drains.tryAcquire()) {
            Unread.giveUp(request);
            return;
        }
        try {
            new CountedRequest(request, MOST_BYTES).getInputStream().transferTo(OutputStream.nullOutputStream());
        } catch (IOException enough) {
            Unread.giveUp(request);
        } finally {
            drains.release();
        }
    }
}
