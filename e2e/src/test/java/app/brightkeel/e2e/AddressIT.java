package app.brightkeel.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Where it says it is, there it is. */
public class AddressIT {

    private static final Pattern ADDRESS = Pattern.compile("http://\\S+");

    @DataProvider
    public Object[][] addresses() {
        List<String> all = List.of("0.0.0.0", "::1", "localhost", "127.0.0.1", "127.0.0.2", "[::1]", "::");
        return all.stream()
                .limit(Share.LONG ? all.size() : 3)
                .filter(AddressIT::isHere)
                .map(address -> new Object[] {address})
                .toArray(Object[][]::new);
    }

    /** A machine may have no addresses of sixteen bytes. */
    private static boolean isHere(String address) {
        try (ServerSocket tried = new ServerSocket(0, 1, InetAddress.getByName(address))) {
            return tried.isBound();
        } catch (IOException e) {
            return false;
        }
    }

    @Test(dataProvider = "addresses")
    public void eachPrintedAddressAnswers(String address) throws Exception {
        try (RunningApp app = RunningApp.startAt(address)) {
            List<String> printed = ADDRESS.matcher(app.said())
                    .results()
                    .map(MatchResult::group)
                    .toList();
            assertFalse(printed.isEmpty(), app.said());
            for (String page : printed) {
                HttpResponse<String> answer = app.send(HttpRequest.newBuilder(URI.create(page)));
                assertEquals(answer.statusCode(), 200, page);
                assertTrue(answer.body().contains("Bright Keel"), page + ": " + answer.body());
                int api = app.send(HttpRequest.newBuilder(URI.create(page + "/api/session")))
                        .statusCode();
                assertEquals(api, 200, page);
            }
        }
    }

    @DataProvider
    public Object[][] ports() {
        return new Object[][] {{"99999999999999999999"}, {"65536"}, {"0"}, {"-1"}, {"four"}, {""}};
    }

    /** By the script itself, before anything is built. */
    @Test(dataProvider = "ports")
    public void aPortThatIsNoneIsToldInASentence(String port) throws Exception {
        Process process = new ProcessBuilder("../keel", "start", "--port", port)
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(process.waitFor(), 64, said);
        assertEquals(said.strip(), "The port is a whole number from 1 to 65535, not \"" + port + "\".");
    }
}
