package app.brightkeel.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Turns away what other sites send: requests under a name that is not ours, and those of a page that is not ours. A
 * program that listens to its own machine alone is reached by every page the browser there has open.
 */
final class Neighbours extends OncePerRequestFilter {

    private final Listening listening;

    Neighbours(Listening listening) {
        this.listening = listening;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!listening.answersTo(hostOf(request.getHeader("Host")))) {
            Refused.write(response, 421, "This program answers only under its own address.");
        } else if (foreign(request)) {
            Refused.write(response, 403, "Another site asked for this; only Bright Keel's own pages may.");
        } else {
            chain.doFilter(request, response);
        }
    }

    /** A link on another site may open a page of ours, and nothing else. */
    private static boolean foreign(HttpServletRequest request) {
        String origin = request.getHeader("Origin");
        String site = request.getHeader("Sec-Fetch-Site");
        boolean otherSite = site != null && !Set.of("same-origin", "none").contains(site);
        if (origin == null) {
            return otherSite && !opensPage(request);
        }
        return !origin.equals("http://" + request.getHeader("Host"));
    }

    private static boolean opensPage(HttpServletRequest request) {
        return "navigate".equals(request.getHeader("Sec-Fetch-Mode"))
                && !request.getRequestURI().startsWith("/api");
    }

    private static String hostOf(@Nullable String header) {
        if (header == null) {
            return "";
        }
        int port = header.lastIndexOf(':');
        return port > header.lastIndexOf(']') ? header.substring(0, port) : header;
    }
}
