package app.brightkeel.server.access;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;

/** A problem detail written before any controller is reached. */
public final class Refused {

    private Refused() {}

    /** @param detail plain words of our own: nothing in it is escaped */
    public static void write(HttpServletResponse response, int status, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream().write(body(status, detail).getBytes(StandardCharsets.UTF_8));
    }

    /** The same as text, for what writes it by other means. */
    public static String body(int status, String detail) {
        return "{\"title\":\"Refused\",\"status\":" + status + ",\"detail\":\"" + detail + "\"}";
    }
}
