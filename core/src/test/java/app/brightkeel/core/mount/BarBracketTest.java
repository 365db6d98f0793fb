package app.brightkeel.core.mount;

import static org.testng.Assert.assertEquals;

import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** A bar bent for a transducer at threaded inserts, by hand. */
public class BarBracketTest {

    @Test
    public void lengthOfTheBar() {
        Rig rig = DemoRigs.oystercatcher()
                .withCraft(Catalogue.crafts().stream()
                        .filter(item -> item.id().equals("motor-3-9"))
                        .findFirst()
                        .orElseThrow()
                        .craft());
        // inserts on the deck, not low at the stern
        Craft deck = rig.craft()
                .withStations(rig.craft().stations().stream()
                        .map(s -> s.id().equals("stern-inserts") ? s.withHeightM(Figure.measured(0.30)) : s)
                        .toList());
        Rig bracketed = rig.withCraft(deck)
                .with(rig.transducers()
                        .get(0)
                        .withMount(new Mount(
                                MountKind.STERN_BRACKET, "stern-inserts", Figure.measured(0.025), Figure.UNSET)));
        Line line = Line.of(bracketed);
        double face = line.get(FaceStage.STAGE).value().faces().get(0).zM();
        double inserts = bracketed
                .craft()
                .station("stern-inserts")
                .orElseThrow()
                .heightM()
                .value();
        BarBracket bracket = BarBracket.of(line).get(0);
        assertEquals(bracket.dropM(), inserts - face, 1e-12);
        assertEquals(bracket.lengthM(), 0.080 + 0.060 + inserts - face + 0.060, 1e-12);
        assertEquals(BarBracket.workings(line).size(), 1);
        // the same bar, a little longer, where it wants the stiffer section
        assertEquals(new BarBracket("t", "s", 0.25, 0.1, 0.7).thickM(), 0.004);
        assertEquals(new BarBracket("t", "s", 0.251, 0.1, 0.7).thickM(), 0.006);
        assertEquals(new BarBracket("t", "s", 0.1, 0.1, 0.71).wideM(), 0.040, "a heavy one");
        // by hand: half of 240 mm; never under 60, never over 150
        assertEquals(new BarBracket("t", "s", 0.1, 0.24, 0.3).toeM(), 0.120, 1e-12);
        assertEquals(new BarBracket("t", "s", 0.1, 0.4, 0.3).toeM(), 0.150, 1e-12);
        assertEquals(BarBracket.of(Line.of(DemoRigs.oystercatcher())), List.of());
    }

    /** The reed-bed canoe's bar on a gunwale 60 mm lower: by hand, the drop less 60 mm, its hole by steps of 25 mm. */
    @Test
    public void aBarHasAHoleForEachEdge() {
        Rig canoe = DemoRigs.bittern();
        Line line = Line.of(canoe);
        double here = canoe.craft().depthM().value()
                - line.get(FaceStage.STAGE).value().faces().get(0).zM();
        Map<String, Double> steps = new HashMap<>();
        MountStage.STAGE.working(line).rows().forEach(row -> {
            if (row instanceof Working.Row.Step step) {
                steps.put(step.label().plain(), step.amount().si());
            }
        });
        assertEquals(steps.getOrDefault("from the edge down to the face, there", -1.0), here - 0.06, 1e-9);
        assertEquals(
                steps.getOrDefault("there the hole of the bar, counted from its foot", -1.0),
                Math.ceil((here - 0.06) / 0.025),
                1e-9);
    }
}
