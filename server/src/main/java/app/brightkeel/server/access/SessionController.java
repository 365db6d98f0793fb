package app.brightkeel.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.concurrent.Semaphore;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Giving the passphrase, and leaving again. */
@RestController
@RequestMapping(path = "/api/session", produces = MediaType.APPLICATION_JSON_VALUE)
class SessionController {

    /** Passphrases that are looked at together: each takes a core for a tenth of a second. */
    private static final int MOST_AT_ONCE = 2;

    /**
     * Whether this window may ask.
     *
     * @param wanted whether a passphrase is wanted at all
     * @param open   whether it was given
     */
    record Session(boolean wanted, boolean open) {}

    /** What a person types. */
    record Key(String passphrase) {}

    private final Semaphore looking = new Semaphore(MOST_AT_ONCE);
    private final Listening listening;
    private final Lockout lockout;
    private final KeyHolders keyHolders;
    private final SecurityContextRepository sessions;

    SessionController(Listening listening, Lockout lockout, KeyHolders keyHolders, SecurityContextRepository sessions) {
        this.listening = listening;
        this.lockout = lockout;
        this.keyHolders = keyHolders;
        this.sessions = sessions;
    }

    /** Whether this window may ask. */
    @GetMapping
    Session getSession() {
        return new Session(
                listening.wide(),
                keyHolders.open(SecurityContextHolder.getContext().getAuthentication()));
    }

    /** Gives the passphrase. */
    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    Session openSession(@RequestBody Key key, HttpServletRequest request, HttpServletResponse response) {
        String address = request.getRemoteAddr();
        long wait = lockout.enter(address);
        if (wait > 0) {
            throw new Wrong(
                    HttpStatus.TOO_MANY_REQUESTS, "Too many wrong tries: wait %d seconds.".formatted(wait), wait);
        }
        Authentication entered = looked(key.passphrase());
        if (entered == null) {
            throw new Wrong(HttpStatus.FORBIDDEN, "That is not the passphrase.", 0);
        }
        lockout.forgive(address);
        leave(request);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(entered);
        SecurityContextHolder.setContext(context);
        sessions.saveContext(context, request, response);
        return getSession();
    }

    private @org.jspecify.annotations.Nullable Authentication looked(String phrase) {
        looking.acquireUninterruptibly();
        try {
            return keyHolders.enter(phrase);
        } finally {
            looking.release();
        }
    }

    /** Leaves again. */
    @DeleteMapping
    Session closeSession(HttpServletRequest request) {
        leave(request);
        SecurityContextHolder.clearContext();
        return getSession();
    }

    private static void leave(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> wrong(Wrong wrong) {
        ResponseEntity.BodyBuilder answer =
                ResponseEntity.status(wrong.status).contentType(MediaType.APPLICATION_PROBLEM_JSON);
        if (wrong.wait > 0) {
            answer.header(HttpHeaders.RETRY_AFTER, String.valueOf(wrong.wait));
        }
        return answer.body(ProblemDetail.forStatusAndDetail(wrong.status, String.valueOf(wrong.getMessage())));
    }

    private static final class Wrong extends RuntimeException {
        private final HttpStatus status;
        private final long wait;

        Wrong(HttpStatus status, String message, long wait) {
            super(message);
            this.status = status;
            this.wait = wait;
        }
    }
}
