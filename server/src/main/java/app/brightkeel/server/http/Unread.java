package app.brightkeel.server.http;

import jakarta.servlet.ServletException;
import jakarta.servlet.ServletRequest;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;

/**
 * Lets the container end a connection without the rest of a body that was given up: by itself it waits for that, and each
 * of those who never send it would keep a thread.
 */
final class Unread extends ValveBase {

    private static final String GIVEN_UP = Unread.class.getName();

    Unread() {
        super(true);
    }

    /** The rest of this body is not wanted. */
    static void giveUp(ServletRequest request) {
        request.setAttribute(GIVEN_UP, true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        getNext().invoke(request, response);
        if (request.getAttribute(GIVEN_UP) != null) {
            request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
        }
    }
}
