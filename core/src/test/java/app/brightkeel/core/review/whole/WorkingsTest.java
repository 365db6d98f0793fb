package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.battery.RuntimeBand;
import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.enclosure.FitStage;
import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.mount.MountStage;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.picture.Pictures;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Figures;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.water.WaterStage;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Nothing moves a shown number that its working does not show. */
public class WorkingsTest {

    private static final List<Stage<?, ?>> STAGES = List.of(
            WaterStage.STAGE,
            FloatStage.STAGE,
            FaceStage.STAGE,
            SonarStage.STAGE,
            MountStage.STAGE,
            RouteStage.STAGE,
            FitStage.STAGE,
            CarryStage.STAGE,
            Packs.STAGE,
            Load.STAGE,
            Feed.STAGE,
            Protection.STAGE,
            Runtime.STAGE,
            RuntimeBand.STAGE);

    @DataProvider
    public Object[][] rigs() {
        return TestRigs.all().stream().map(rig -> new Object[] {rig.name()}).toArray(Object[][]::new);
    }

    /** Every figure of the filled rig is nudged by 1 %; a stage whose result moves must tell that figure in its working. */
    @Test(dataProvider = "rigs")
    public void everyFigureThatMovesAResultIsInItsWorking(String name) {
        Line line = Line.of(TestRigs.named(name));
        Map<String, Figure> figures = new LinkedHashMap<>();
        Figures.visit(line.rig(), figures::put);
        int moved = 0;
        for (Map.Entry<String, Figure> each : figures.entrySet()) {
            if (each.getValue() instanceof Figure.Given given) {
                Rig nudged = Nudge.at(line.rig(), each.getKey(), given.value() == 0 ? 0.01 : given.value() * 0.99);
                moved += check(line, Line.of(nudged), each.getKey());
            }
        }
        assertTrue(moved > 10, "only " + moved + " results moved");
    }

    private static int check(Line line, Line nudged, String pointer) {
        int moved = 0;
        for (Stage<?, ?> stage : STAGES) {
            if (!line.get(stage).equals(nudged.get(stage))) {
                moved++;
                Set<String> told = stage.working(line).pointers();
                assertTrue(told.contains(pointer), stage.name() + " moves with " + pointer + " and does not say so");
            }
        }
        return moved;
    }

    /** Every link draws a picture with a text twin. */
    @Test(dataProvider = "rigs")
    public void everyLinkHasAPictureWithItsTwin(String name) {
        Rig rig = TestRigs.named(name);
        for (Link link : Link.values()) {
            Outcome<app.brightkeel.core.picture.Scene> scene = Pictures.of(Line.of(rig), link);
            assertTrue(scene.isKnown(), link.name() + " misses " + scene.missing());
            assertTrue(scene.value().marks().size() > 2);
            int columns = scene.value().twin().columns().size();
            scene.value().twin().rows().forEach(row -> assertEquals(row.size(), columns));
        }
    }
}
