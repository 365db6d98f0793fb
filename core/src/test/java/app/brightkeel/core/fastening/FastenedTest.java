package app.brightkeel.core.fastening;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.rig.BackReach;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.FastenerKind;
import app.brightkeel.core.rig.Figure;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Where screws, bolts and rivets end: sums done by hand; the least bites are common practice, no source. */
public class FastenedTest {

    private static final double MM = 1000;

    private static Fastener of(FastenerKind kind, double wide, double length, double passes, double bites) {
        return Fastener.unknown("screws", "screws", "", 1)
                .with(each -> each.kind(kind)
                        .widthM(Figure.measured(wide / MM))
                        .lengthM(Figure.measured(length / MM))
                        .passesM(Figure.measured(passes / MM))
                        .bitesM(Figure.measured(bites / MM)));
    }

    /** Sort, thickness, length, layers, what it holds in [mm]; bite, out behind, and whether it is right. */
    @DataProvider
    public Object[][] ends() {
        return new Object[][] {
            {FastenerKind.WOOD_SCREW, 4, 35, 18, 22, 17, 0, true},
            {FastenerKind.WOOD_SCREW, 4, 30, 18, 22, 12, 0, false},
            {FastenerKind.WOOD_SCREW, 4, 45, 18, 22, 22, 5, false},
            {FastenerKind.PLASTIC_SCREW, 4, 16, 5, 12, 11, 0, true},
            {FastenerKind.PLASTIC_SCREW, 4, 12, 5, 12, 7, 0, false},
            {FastenerKind.MACHINE_SCREW, 5, 12, 5, 10, 7, 0, true},
            {FastenerKind.MACHINE_SCREW, 5, 16, 5, 10, 10, 1, false},
            {FastenerKind.MACHINE_SCREW, 6, 10, 5, 12, 5, 0, false},
            {FastenerKind.BOLT, 6, 20, 3, 6, 11, 11, false},
            {FastenerKind.BOLT, 6, 16, 3, 6, 7, 7, false},
            {FastenerKind.RIVET, 4.8, 16, 3, 5, 8, 8, false},
        };
    }

    @Test(dataProvider = "ends")
    public void itEndsThere(
            FastenerKind kind,
            double wide,
            double length,
            double passes,
            double holdsIn,
            double bites,
            double out,
            boolean right) {
        Fastened ends = Fastened.of(of(kind, wide, length, passes, holdsIn)).orElseThrow();
        assertEquals(ends.bitesM() * MM, bites, 1e-9);
        assertEquals(ends.outM() * MM, out, 1e-9);
        assertEquals(ends.right(), right);
    }

    /** What comes out is right only where it is known to meet nothing. */
    @Test
    public void whatComesOutWantsRoom() {
        Fastener bolt = of(FastenerKind.BOLT, 6, 20, 3, 6);
        assertTrue(Fastened.of(bolt).orElseThrow().unseen());
        assertTrue(Fastened.of(bolt.withBehindM(Figure.measured(0.011)))
                .orElseThrow()
                .right());
        assertTrue(Fastened.of(bolt.withBehindM(Figure.measured(0.010)))
                .orElseThrow()
                .meets());
        assertTrue(Fastened.of(bolt.withBack(BackReach.REACHED)).orElseThrow().right());
    }

    /** The shortest that holds; by hand: 18 + 4 × 4 = 34 mm, sold as 35; an insert of 8 mm behind 5 takes 10 or 12 mm, not 16. */
    @Test
    public void theShortestThatIsSoldIsTaken() {
        assertEquals(sold(of(FastenerKind.WOOD_SCREW, 4, 100, 18, 22)), Optional.of(35L));
        assertEquals(sold(of(FastenerKind.MACHINE_SCREW, 5, 100, 5, 8)), Optional.of(10L));
        assertEquals(sold(of(FastenerKind.BOLT, 6, 6, 3, 6).withBack(BackReach.REACHED)), Optional.of(20L));
        // 4 mm of wood hold no screw of 4 mm, however long
        assertEquals(sold(of(FastenerKind.WOOD_SCREW, 4, 20, 18, 4)), Optional.empty());
    }

    private static Optional<Long> sold(Fastener fastener) {
        return Lengths.right(fastener).map(each -> Math.round(each.lengthM().value() * MM));
    }

    /** Nothing is said of what is not known. */
    @Test
    public void whatIsNotKnownIsNotJudged() {
        Fastener screw = of(FastenerKind.WOOD_SCREW, 4, 35, 18, 22);
        assertTrue(Fastened.of(screw.withPassesM(Figure.UNSET)).isEmpty());
        assertTrue(Fastened.of(screw.withKind(FastenerKind.UNDECIDED)).isEmpty());
    }
}
