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
import jakarta.servlet.http.Cookie;
import java.nio.file.Path;
import java.util.Objects;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.env.Environment;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.TestPropertySource;
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

    private Cookie open(String from) throws Exception {
        MockHttpServletResponse answer = send(key(PHRASE, from));
        assertEquals(answer.getStatus(), 200);
        String header = Objects.requireNonNull(answer.getHeader(HttpHeaders.SET_COOKIE));
        assertTrue(header.contains("SameSite=Strict") && header.contains("HttpOnly"), header);
        return new Cookie("keel-session", header.replaceAll("keel-session=([0-9a-f]+);.*", "$1"));
    }

    @DataProvider
    public Object[][] doors() {
        return new Object[][] {
            {"/api/rigs"},
            {"/api/rigs/deleted"},
            {"/api/rigs/x/export"},
            {"/api/backup"},
            {"/api/catalogue/packs"},
            {"/api/rigs/../rigs"},
            {"/api//rigs"},
            {"/api/session/../rigs"},
            {"/api/session;/rigs"}
        };
    }

    @Test(dataProvider = "doors")
    public void nothingOpensWithoutThePassphrase(String path) throws Exception {
        MockHttpServletResponse shut = send(get(java.net.URI.create(path)));
        assertTrue(
                shut.getStatus() == 401 || shut.getStatus() == 400 || shut.getStatus() == 404, path + shut.getStatus());
        assertFalse(shut.getContentAsString().contains("12 Ah"));
        assertEquals(
                send(get("/api/rigs").cookie(new Cookie("keel-session", "0".repeat(64))))
                        .getStatus(),
                401);
    }

    @Test
    public void aSessionOpensAndCloses() throws Exception {
        Cookie session = open("10.0.0.1");
        assertEquals(send(get("/api/rigs").cookie(session)).getStatus(), 200);
        assertTrue(
                send(get("/api/session").cookie(session)).getContentAsString().contains("\"open\":true"));
        assertTrue(send(get("/api/session")).getContentAsString().contains("\"open\":false"));
        send(delete("/api/session").cookie(session));
        assertEquals(send(get("/api/rigs").cookie(session)).getStatus(), 401);
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

    /** Its own numeric addresses are its names; another site's name for it is not. */
    @Test
    public void otherNamesAreRefused() throws Exception {
        Listening wide = new Listening("0.0.0.0");
        assertTrue(wide.wide() && wide.answersTo("127.0.0.1") && wide.answersTo("LOCALHOST"));
        assertFalse(wide.answersTo("rebound.example.org") || wide.answersTo("") || wide.answersTo("192.0.2.7"));
        Listening narrow = new Listening("127.0.0.1");
        assertFalse(narrow.wide());
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
