package app.brightkeel.e2e;

import static org.testng.Assert.assertEquals;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;

/** One application for many classes of tests; ends with the process. */
final class SharedApp {

    private final RunningApp app;

    /** The rigs of the first day, as they are exported, the one at the foot of the shelf first. */
    private final List<String> documents = new ArrayList<>();

    private boolean touched;

    SharedApp(RunningApp app) throws IOException, InterruptedException {
        this.app = app;
        Runtime.getRuntime().addShutdownHook(new Thread(app::kill));
        for (JsonElement rig : rigs()) {
            documents.add(0, app.get("/api/rigs/" + id(rig) + "/export"));
        }
    }

    RunningApp app() {
        return app;
    }

    /** With the rigs of the first day on its shelf, and no others. */
    RunningApp onItsFirstDay() throws IOException, InterruptedException {
        if (touched) {
            for (JsonElement rig : rigs()) {
                long revision = rig.getAsJsonObject().get("revision").getAsLong();
                kept(app.send(
                        app.json("/api/rigs/" + id(rig), "DELETE", "").header("If-Match", "\"" + revision + "\"")));
            }
            for (String document : documents) {
                kept(app.send(app.json("/api/rigs/import", "POST", document)));
            }
        }
        touched = true;
        return app;
    }

    private static void kept(HttpResponse<String> answer) {
        assertEquals(answer.statusCode() / 100, 2, answer.body());
    }

    private Iterable<JsonElement> rigs() throws IOException, InterruptedException {
        return JsonParser.parseString(app.get("/api/rigs")).getAsJsonArray();
    }

    private static String id(JsonElement rig) {
        return rig.getAsJsonObject().get("id").getAsString();
    }
}
