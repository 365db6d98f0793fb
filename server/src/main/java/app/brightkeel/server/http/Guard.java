package app.brightkeel.server.http;

import app.brightkeel.server.access.Listening;
import app.brightkeel.server.access.Refused;
import app.brightkeel.server.files.log.LogReader;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** In front of everything: only our own pages, bodies of bounded size, a content policy. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Guard extends OncePerRequestFilter {

    /** Largest body of a rig [bytes]. */
    static final int MOST_BYTES = 1 << 20;

    static final String TOO_LARGE = "The body is larger than 1 MB, the most a rig may take.";

    static final String LOG_TOO_LARGE = "The log is larger than 40 MB: give it in pieces, a day each.";

    private static final Pattern LOG = Pattern.compile("/api/rigs/[^/]+/log");

    // inline style is allowed because the dialog and list parts inject it; inline script never
    private static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; "
            + "font-src 'self'; img-src 'self' data:; connect-src 'self'; base-uri 'none'; form-action 'none'; "
            + "frame-ancestors 'none'";

    private final Listening listening;

    Guard(Listening listening) {
        this.listening = listening;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        if (!listening.answersTo(hostOf(request.getHeader("Host")))) {
            Refused.write(response, 421, "This program answers only under its own address.");
        } else if (foreign(request)) {
            Refused.write(response, 403, "Another site asked for this; only Bright Keel's own pages may.");
        } else if (request.getContentLengthLong() > most(request)) {
            Refused.write(response, 413, most(request) == MOST_BYTES ? TOO_LARGE : LOG_TOO_LARGE);
        } else {
            chain.doFilter(new CountedRequest(request, most(request)), response);
        }
    }

    private static int most(HttpServletRequest request) {
        return LOG.matcher(request.getRequestURI()).matches() ? LogReader.MOST_BYTES : MOST_BYTES;
    }

    private static boolean foreign(HttpServletRequest request) {
        String origin = request.getHeader("Origin");
        String site = request.getHeader("Sec-Fetch-Site");
        boolean otherSite = site != null && !Set.of("same-origin", "none").contains(site);
        if (origin == null) {
            return otherSite && request.getRequestURI().startsWith("/api");
        }
        return !origin.equals("http://" + request.getHeader("Host"));
    }

    private static String hostOf(@Nullable String header) {
        if (header == null) {
            return "";
        }
        int port = header.lastIndexOf(':');
        return port > header.lastIndexOf(']') ? header.substring(0, port) : header;
    }
}
