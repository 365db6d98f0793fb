package app.brightkeel.server.access;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import app.brightkeel.server.DataDirectory;
import app.brightkeel.server.ServerTest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.env.Environment;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A server that other machines can reach: nothing without the passphrase, and not many guesses. */
@TestPropertySource(properties = "server.address=0.0.0.0")
public class AccessTest extends ServerTest {

    private static final String PHRASE = "two wet boots in the hall";

    @Autowired
    private Environment environment;

    @BeforeClass
    public void setPassphrase() throws Exception {
        Passphrase.set(DataDirectory.passphrase(Path.of(environment.getRequiredProperty("keel.data"))), PHRASE);
    }

    private static MockHttpServletRequestBuilder key(String phrase, String from) {
        return post("/api/session")
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"passphrase\":\"" + phrase + "\"}")
                .with(request -> {
                    request.setRemoteAddr(from);
                    return request;
                });
    }

    private MockHttpSession open(String from) throws Exception {
        MvcResult result =
                http.perform(key(PHRASE, from).header("Host", "127.0.0.1:4730")).andReturn();
        assertEquals(result.getResponse().getStatus(), 200);
        return (MockHttpSession) Objects.requireNonNull(result.getRequest().getSession(false));
    }

    @Test
    public void aSessionOpensAndCloses() throws Exception {
        assertEquals(send(get("/api/rigs")).getStatus(), 401);
        MockHttpSession session = open("10.0.0.1");
        assertEquals(send(get("/api/rigs").session(session)).getStatus(), 200);
        assertTrue(
                send(get("/api/session").session(session)).getContentAsString().contains("\"open\":true"));
        assertTrue(send(get("/api/session")).getContentAsString().contains("\"open\":false"));
        send(delete("/api/session").session(session));
        assertTrue(session.isInvalid());
    }

    /** A new passphrase, set while it runs, ends what the old one opened. */
    @Test
    public void aNewPassphraseEndsSessions() throws Exception {
        MockHttpSession session = open("10.0.0.4");
        Path file = DataDirectory.passphrase(Path.of(environment.getRequiredProperty("keel.data")));
        String before = Files.readString(file);
        Passphrase.set(file, "three dry hats on the line");
        assertEquals(send(get("/api/rigs").session(session)).getStatus(), 401);
        Files.writeString(file, before);
        assertEquals(send(get("/api/rigs").session(session)).getStatus(), 200);
    }

    /** Five wrong tries from one address, and even the right phrase has to wait; others are not shut out. */
    @Test
    public void guessingIsShutOut() throws Exception {
        for (int n = 0; n < Lockout.MOST_OF_ONE; n++) {
            MockHttpServletResponse wrong = send(key("guess number " + n, "10.0.0.66"));
            assertEquals(wrong.getStatus(), 403);
            assertNull(wrong.getHeader(HttpHeaders.SET_COOKIE));
        }
        MockHttpServletResponse shut = send(key(PHRASE, "10.0.0.66"));
        assertEquals(shut.getStatus(), 429);
        assertTrue(Integer.parseInt(Objects.requireNonNull(shut.getHeader(HttpHeaders.RETRY_AFTER))) > 200);
        open("10.0.0.2");
    }

    /** Sixty at once are no more than sixty one after the other: each counts before it is looked at. */
    @Test
    public void manyGuessesAtOnceAreCountedOneByOne() throws Exception {
        ExecutorService together = Executors.newFixedThreadPool(60);
        try {
            List<Callable<Integer>> guesses = IntStream.range(0, 60)
                    .<Callable<Integer>>mapToObj(n ->
                            () -> send(key("guess number " + n, "10.0.0.77")).getStatus())
                    .toList();
            int looked = 0;
            for (Future<Integer> each : together.invokeAll(guesses)) {
                looked += each.get() == 403 ? 1 : 0;
                assertTrue(each.get() == 403 || each.get() == 429, "status " + each.get());
            }
            assertEquals(looked, Lockout.MOST_OF_ONE);
        } finally {
            together.shutdownNow();
        }
    }

    /** Its own numeric addresses are its names; another site's name for it is not. */
    @Test
    public void otherNamesAreRefused() throws Exception {
        Listening wide = new Listening("0.0.0.0");
        assertTrue(wide.wide() && wide.answersTo("127.0.0.1") && wide.answersTo("LOCALHOST"));
        assertFalse(wide.answersTo("rebound.example.org") || wide.answersTo("") || wide.answersTo("192.0.2.7"));
        Listening narrow = new Listening("127.0.0.1");
        assertFalse(narrow.wide() || narrow.answersTo("127.0.0.2"));
        Listening other = new Listening("127.0.0.2");
        assertFalse(other.wide());
        assertTrue(other.answersTo("127.0.0.2") && other.answersTo("localhost"));
        Listening six = new Listening("::1");
        assertTrue(six.answersTo("[::1]") && six.answersTo("[0:0:0:0:0:0:0:1]"));
        assertFalse(six.answersTo("[fe80::1]") || six.answersTo("[nonsense]") || six.answersTo("[::1].example.org"));
        assertEquals(
                http.perform(get("/api/session").header("Host", "rebound.example.org:4730"))
                        .andReturn()
                        .getResponse()
                        .getStatus(),
                421);
    }

    @DataProvider
    public Object[][] nonsense() {
        return new Object[][] {
            {""}, {"[]"}, {"{}"}, {"{\"passphrase\":null}"}, {"{\"passphrase\":\"" + "x".repeat(5000) + "\"}"}
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseIsNoKey(String body) throws Exception {
        int status = send(post("/api/session")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(body)
                        .with(r -> {
                            r.setRemoteAddr("10.0.0." + (100 + body.length() % 100));
                            return r;
                        }))
                .getStatus();
        assertTrue(status >= 400 && status < 500, body + " " + status);
    }
}
