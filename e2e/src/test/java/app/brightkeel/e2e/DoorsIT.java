package app.brightkeel.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.e2e.RunningApp.Command;
import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Where other machines can ask, no spelling of any address opens anything, and a session is what it should be. */
public class DoorsIT {

    private static final String PHRASE = "two wet boots in the hall";

    private RunningApp app;

    @BeforeClass
    public void start() throws Exception {
        app = RunningApp.startBehind(PHRASE);
    }

    @AfterClass(alwaysRun = true)
    public void stop() {
        if (app != null) {
            app.close();
        }
    }

    /** An operation of the published contract, its places filled. */
    private record Endpoint(String method, String path) {}

    private static List<Endpoint> endpoints(String id) throws Exception {
        JsonObject paths = JsonParser.parseString(Files.readString(Path.of("..", "docs", "openapi.json")))
                .getAsJsonObject()
                .getAsJsonObject("paths");
        Map<String, String> places = Map.of("id", id, "other", id, "link", "wire", "number", "1", "sheet", "0");
        List<Endpoint> all = new ArrayList<>();
        for (Map.Entry<String, JsonElement> path : paths.entrySet()) {
            String filled = path.getKey();
            for (Map.Entry<String, String> place : places.entrySet()) {
                filled = filled.replace("{" + place.getKey() + "}", place.getValue());
            }
            filled = filled.replaceAll("\\{[a-z]+}", "x");
            for (String method : path.getValue().getAsJsonObject().keySet()) {
                all.add(new Endpoint(method.toUpperCase(Locale.ROOT), filled));
            }
        }
        return all;
    }

    /** The same address as those write it who want to walk round a comparison of texts. */
    private static List<String> spellings(String path, int port) {
        String rest = path.substring("/api".length());
        int last = path.length() - 1;
        return List.of(
                path,
                "/%61pi" + rest,
                "/ap%69" + rest,
                "/%2561pi" + rest,
                path.substring(0, last) + "%%%02x".formatted((int) path.charAt(last)),
                "/api%2f" + rest.substring(1),
                "/api/" + rest,
                "//api" + rest,
                "/./api" + rest,
                "/api/." + rest,
                "/assets/../api" + rest,
                "/api/session/.." + rest,
                "/api/session%2f.." + rest,
                "/assets/%2e%2e/api" + rest,
                "/API" + rest,
                "/Api" + rest,
                path + "/",
                path + ".",
                path + ".json",
                path + "%20",
                path + "%00",
                path + ";a=b",
                "/api;a=b" + rest,
                "/;/api" + rest,
                "/rigs/x/..;/../api" + rest,
                "\\api" + rest,
                "/api\\" + rest.substring(1),
                path + "?api=/api/session",
                path + "#/api/session",
                "http://127.0.0.1:" + port + path,
                "http://127.0.0.1:" + port + "/%61pi" + rest);
    }

    @Test
    public void noSpellingOpensAnything() throws Exception {
        String cookie = enter();
        JsonArray before = rigs(cookie);
        String id = before.get(0).getAsJsonObject().get("id").getAsString();
        int asked = 0;
        for (Endpoint endpoint : endpoints(id)) {
            if (endpoint.path().equals("/api/session")) {
                continue;
            }
            for (String spelling : spellings(endpoint.path(), app.port())) {
                String body = endpoint.method().equals("GET") ? "" : "{}";
                Raw.Answer shut = Raw.ask(
                        app.port(),
                        endpoint.method(),
                        spelling,
                        "Content-Type: application/json\r\nIf-Match: \"1\"\r\n",
                        body);
                String what = endpoint.method() + " " + spelling + " → " + shut;
                assertTrue(shut.status() >= 400 && shut.status() < 500, what);
                assertTrue(shut.head().contains("application/problem+json"), what);
                assertFalse(shut.body().contains("Lantern") || shut.body().contains("12 Ah"), what);
                asked++;
            }
        }
        assertTrue(asked > 12 * 40, "asked only " + asked);
        assertEquals(rigs(cookie), before);
        System.out.printf("%d spellings of the published addresses, none opened%n", asked);
    }

    private String enter() throws Exception {
        Raw.Answer in = key(PHRASE);
        assertEquals(in.status(), 200, in.toString());
        String set = in.head()
                .lines()
                .filter(line -> line.startsWith("Set-Cookie: "))
                .findFirst()
                .orElseThrow();
        assertTrue(set.contains("HttpOnly") && set.contains("SameSite=Strict"), set);
        return set.substring("Set-Cookie: ".length(), set.indexOf(';'));
    }

    private Raw.Answer key(String phrase) throws Exception {
        return Raw.ask(
                app.port(),
                "POST",
                "/api/session",
                "Content-Type: application/json\r\n",
                "{\"passphrase\":\"" + phrase + "\"}");
    }

    private Raw.Answer get(String path, String cookie) throws Exception {
        return Raw.ask(app.port(), "GET", path, "Cookie: " + cookie + "\r\n", "");
    }

    private JsonArray rigs(String cookie) throws Exception {
        Raw.Answer rigs = get("/api/rigs", cookie);
        assertEquals(rigs.status(), 200, rigs.toString());
        assertTrue(rigs.head().contains("no-store"), rigs.head());
        return JsonParser.parseString(rigs.body()).getAsJsonArray();
    }

    /** Pages hold no rig and are open; a session made up is none. */
    @Test
    public void pagesOpenAndAGuessedSessionDoesNot() throws Exception {
        for (String page : List.of("/", "/rigs/x", "/rigs/x/wire", "/compare/x/y", "/compare", "/garage")) {
            assertEquals(get(page, "a=b").status(), 200, page);
        }
        for (String guess : List.of("keel-session=" + "0".repeat(32), "JSESSIONID=1", "keel-session=")) {
            assertEquals(get("/api/rigs", guess).status(), 401, guess);
        }
        assertEquals(get("/apix", "a=b").status(), 401);
        assertEquals(get("/apix", enter()).status(), 404);
    }

    /** A new passphrase, set while it runs, ends what the old one opened. Runs last: the old one is gone then. */
    @Test(dependsOnMethods = {"noSpellingOpensAnything", "pagesOpenAndAGuessedSessionDoesNot"})
    public void aNewPassphraseEndsSessions() throws Exception {
        String cookie = enter();
        RunningApp.Ended set = Command.on(app.data(), "three dry hats on the line\n", "passphrase");
        assertEquals(set.code(), 0, set.said());
        assertEquals(get("/api/rigs", cookie).status(), 401);
        assertEquals(key(PHRASE).status(), 403);
        Raw.Answer anew = key("three dry hats on the line");
        assertEquals(anew.status(), 200, anew.toString());
    }

    @Test(dependsOnMethods = "aNewPassphraseEndsSessions")
    public void sixtyGuessesAtOnceAreFive() throws Exception {
        ExecutorService together = Executors.newFixedThreadPool(60);
        try {
            List<Callable<Integer>> guesses = IntStream.range(0, 60)
                    .<Callable<Integer>>mapToObj(
                            n -> () -> key("guess number " + n).status())
                    .toList();
            int looked = 0;
            for (Future<Integer> each : together.invokeAll(guesses)) {
                assertTrue(each.get() == 403 || each.get() == 429, "status " + each.get());
                looked += each.get() == 403 ? 1 : 0;
            }
            assertTrue(looked <= 5, "looked at " + looked);
        } finally {
            together.shutdownNow();
        }
    }
}
