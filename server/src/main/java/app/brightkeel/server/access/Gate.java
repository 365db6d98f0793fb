package app.brightkeel.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.stream.Stream;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Where other machines can ask, the API answers only to who has given the passphrase. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class Gate extends OncePerRequestFilter {

    static final String COOKIE = "keel-session";

    private final Listening listening;
    private final Sessions sessions;

    Gate(Listening listening, Sessions sessions) {
        this.listening = listening;
        this.sessions = sessions;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean api = request.getRequestURI().startsWith("/api");
        boolean session = request.getRequestURI().equals("/api/session");
        if (!api || session || open(request)) {
            chain.doFilter(request, response);
        } else {
            Refused.write(response, 401, "The passphrase of this Bright Keel is wanted first.");
        }
    }

    /** Whether the request may go on: only this machine can ask, or it carries a session. */
    boolean open(HttpServletRequest request) {
        return !listening.wide() || sessions.holds(token(request));
    }

    static String token(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return cookies == null
                ? ""
                : Stream.of(cookies)
                        .filter(cookie -> cookie.getName().equals(COOKIE))
                        .map(Cookie::getValue)
                        .findFirst()
                        .orElse("");
    }
}
