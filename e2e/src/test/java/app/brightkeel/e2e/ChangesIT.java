package app.brightkeel.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/** Whatever Compare and cures offer for the demo rigs can be asked for, written in an address as a browser writes it. */
public class ChangesIT {

    @Test
    public void everyOfferCanBeLookedAt() throws Exception {
        List<Double> previews = new ArrayList<>();
        List<Double> none = new ArrayList<>();
        try (RunningApp app = RunningApp.start()) {
            for (String id : ids(app.get("/api/rigs"))) {
                String rig = "/api/rigs/" + id;
                List<String> offered = new ArrayList<>();
                for (String link : Pages.LINKS) {
                    offered.addAll(ids(app.get(rig + "/changes?link=" + link)));
                }
                for (JsonElement remedy :
                        JsonParser.parseString(app.get(rig + "/remedies")).getAsJsonArray()) {
                    offered.addAll(ids(remedy.getAsJsonObject().get("offers").toString()));
                }
                for (String change : offered) {
                    previews.add(took(app, rig, change, 200));
                    none.add(took(app, rig, change + "-none", 404));
                }
            }
        }
        assertTrue(previews.size() > 500, previews.size() + " previews");
        Times.print("a change looked at", previews);
        Times.print("one that is none", none);
    }

    private static List<String> ids(String answer) {
        List<String> all = new ArrayList<>();
        JsonParser.parseString(answer)
                .getAsJsonArray()
                .forEach(each -> all.add(each.getAsJsonObject().get("id").getAsString()));
        return all;
    }

    private static double took(RunningApp app, String rig, String change, int status) throws Exception {
        // as encodeURIComponent does, which leaves the tilde alone
        String written = URLEncoder.encode(change, StandardCharsets.UTF_8).replace("%7E", "~");
        long from = System.nanoTime();
        HttpResponse<String> answer =
                app.send(HttpRequest.newBuilder(URI.create(app.url(rig + "/changes/" + written))));
        double ms = (System.nanoTime() - from) / 1e6;
        assertEquals(answer.statusCode(), status, change);
        return ms;
    }
}
