package app.brightkeel.server.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.picture.Pictures;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One shape for everything: what is written reads back the same, and says kinds in small letters. */
public class RigJsonTest {

    private static final JsonMapper MAPPER = RigJson.mapper();

    private static byte[] written(Rig rig) {
        return MAPPER.writeValueAsBytes(RigDocument.of(rig));
    }

    private static List<Rig> rigs() {
        List<Rig> all = new ArrayList<>(TestRigs.all());
        Rig rig = all.get(0);
        all.add(Rig.blank("nothing yet", CraftKind.UNDECIDED));
        all.add(rig.withName("\"quotes\", \\ and ünïcode — 魚"));
        all.add(rig.withQuieted(Set.of("wire.drop", "a.b"))
                .withSchools(Schools.UNDECIDED.withFusing(Schools.Fusing.BLOCK)));
        for (Draw draw : List.of(
                new Draw.Undecided(),
                new Draw.Split(Figure.UNSET, Figure.chosen(0)),
                new Draw.Amps(Figure.rated(1.25), Figure.UNSET),
                new Draw.Metered(Figure.measured(1e-3), Figure.UNSET, Figure.chosen(1), Figure.chosen(0.4)))) {
            all.add(rig.with(rig.device("display").withDraw(draw)));
        }
        for (Gauge gauge : List.of(Gauge.UNDECIDED, new Gauge.Awg(6), new Gauge.Metric(0.75))) {
            var lead = rig.harness().segment("lead");
            all.add(rig.with(lead.withWire(lead.wire().withGauge(gauge))
                    .withFittings(List.of(new Fitting.Switch("s", "switch", Figure.measured(0.01))))));
        }
        return all;
    }

    @Test
    public void everyRigReadsBackTheSame() {
        RigReader reader = new RigReader();
        for (Rig rig : rigs()) {
            Rig read = reader.read(written(rig));
            assertEquals(read, rig);
            assertEquals(written(read), written(rig), "the same rig is the same document");
        }
    }

    @DataProvider
    public Object[][] names() {
        return new Object[][] {
            {"LIFEPO4", "lifepo4"},
            {"ICE_WALK_OUT", "ice-walk-out"},
            {"C105", "c105"},
            {"DISPLAY_5_IN", "display-5-in"},
            {"ToScale", "to-scale"},
            {"Given", "given"},
            {"Awg", "awg"}
        };
    }

    @Test(dataProvider = "names")
    public void kindsAndConstantsAreSmallLetters(String java, String json) {
        assertEquals(RigJson.kebab(java), json);
    }

    /** An absent figure is unset; an assumed one is never written, since only the entered rig is. */
    @Test
    public void absentFiguresAreUnsetAndAssumptionsAreNotStored() {
        Rig rig = TestRigs.all().get(0);
        String text = new String(written(rig), java.nio.charset.StandardCharsets.UTF_8);
        assertFalse(text.contains("assumed"));
        String without = text.replace("\"peukert\":{\"kind\":\"unset\"},", "");
        assertFalse(without.equals(text));
        assertEquals(new RigReader().read(without.getBytes(java.nio.charset.StandardCharsets.UTF_8)), rig);
    }

    /** No review and no picture of any rig holds a number that JSON cannot say. */
    @Test
    public void nothingShownIsNotANumber() {
        for (Rig rig : rigs()) {
            Line line = Line.of(rig);
            check(MAPPER.valueToTree(new RigReviewer().review(line)), rig.name());
            for (Link link : Link.values()) {
                var scene = Pictures.of(line, link);
                if (scene.isKnown()) {
                    check(MAPPER.valueToTree(scene.value()), rig.name() + " " + link);
                }
            }
        }
    }

    private static void check(JsonNode node, String where) {
        if (node.isNumber()) {
            assertTrue(Double.isFinite(node.asDouble()), where);
        }
        assertFalse(node.isNull(), where);
        node.forEach(child -> check(child, where));
    }
}
