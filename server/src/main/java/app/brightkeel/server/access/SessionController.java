package app.brightkeel.server.access;

import app.brightkeel.server.DataDirectory;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
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

    /**
     * Whether this window may ask.
     *
     * @param wanted whether a passphrase is wanted at all
     * @param open   whether it was given
     */
    record Session(boolean wanted, boolean open) {}

    /** What a person types. */
    record Key(String passphrase) {}

    private final Listening listening;
    private final Sessions sessions;
    private final Lockout lockout;
    private final Gate gate;
    private final Path passphrase;

    SessionController(
            Listening listening, Sessions sessions, Lockout lockout, Gate gate, @Value("${keel.data}") Path data) {
        this.listening = listening;
        this.sessions = sessions;
        this.lockout = lockout;
        this.gate = gate;
        this.passphrase = DataDirectory.passphrase(data);
    }

    @GetMapping
    Session session(HttpServletRequest request) {
        return new Session(listening.wide(), gate.open(request));
    }

    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Session> open(@RequestBody Key key, HttpServletRequest request) throws IOException {
        String address = request.getRemoteAddr();
        long wait = lockout.wait(address);
        if (wait > 0) {
            throw new Wrong(
                    HttpStatus.TOO_MANY_REQUESTS, "Too many wrong tries: wait %d seconds.".formatted(wait), wait);
        }
        if (!Passphrase.matches(passphrase, key.passphrase())) {
            lockout.count(address);
            throw new Wrong(HttpStatus.FORBIDDEN, "That is not the passphrase.", 0);
        }
        return answer(sessions.open(), Sessions.LASTS.toSeconds(), new Session(listening.wide(), true));
    }

    @DeleteMapping
    ResponseEntity<Session> close(HttpServletRequest request) {
        sessions.close(Gate.token(request));
        return answer("", 0, new Session(listening.wide(), !listening.wide()));
    }

    private static ResponseEntity<Session> answer(String token, long seconds, Session session) {
        ResponseCookie cookie = ResponseCookie.from(Gate.COOKIE, token)
                .httpOnly(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(seconds)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.SET_COOKIE, cookie.toString())
                .body(session);
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
