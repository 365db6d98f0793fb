package app.brightkeel.core.rig;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.Test;

public class FiguresTest {

    /** What is found among the new alone is what a walk through the whole rig finds, in the same order. */
    @Test
    public void nothingAssumedIsPassedOver() {
        List<Rig> rigs = Stream.concat(
                        TestRigs.all().stream(),
                        Stream.of(DemoRigs.sandpiper(), TestRigs.longDay(), Rig.blank("blank", CraftKind.UNDECIDED)))
                .toList();
        int found = 0;
        for (Rig rig : rigs) {
            Rig filled = Assumptions.fill(rig);
            List<String> whole = new ArrayList<>();
            List<String> fresh = new ArrayList<>();
            Figures.visit(
                    filled,
                    figure -> figure.isSet() && figure.basis() == Figure.Basis.ASSUMED,
                    (pointer, figure) -> whole.add(pointer + " " + figure));
            Figures.visitAssumed(rig, filled, (pointer, figure) -> fresh.add(pointer + " " + figure));
            assertEquals(fresh, whole, rig.name());
            found += whole.size();
        }
        assertTrue(found > 150, "found " + found);
    }
}
