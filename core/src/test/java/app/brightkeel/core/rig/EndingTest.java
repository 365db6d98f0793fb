package app.brightkeel.core.rig;

import static org.testng.Assert.assertEquals;

import app.brightkeel.core.rig.Ending.Half;
import app.brightkeel.core.rig.Ending.Terminal;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Which ends go together; common practice, no source: like with like, a plug's unlike halves, clips on any terminal. */
public class EndingTest {

    private static final Ending SHROUDED = Ending.of(Terminal.QUICK_PLUG, Half.SHROUDED);
    private static final Ending PINS = Ending.of(Terminal.QUICK_PLUG, Half.OPEN_PINS);
    private static final Ending TAB = Ending.of(Terminal.TAB_6_3, Half.UNDECIDED);
    private static final Ending CLIP = Ending.of(Terminal.CLIP, Half.UNDECIDED);

    private static Ending pinned(Ending ending, int pins) {
        return ending.withPins(Figure.measured(pins));
    }

    @DataProvider
    public Object[][] pairs() {
        return new Object[][] {
            {SHROUDED, PINS, true, true},
            {SHROUDED, SHROUDED, true, false},
            {PINS, PINS, true, false},
            {SHROUDED, Ending.of(Terminal.QUICK_PLUG, Half.UNDECIDED), false, true},
            {SHROUDED, Ending.UNKNOWN, false, false},
            {SHROUDED, Ending.of(Terminal.SCREW_RING_PLUG, Half.OPEN_PINS), true, false},
            {pinned(SHROUDED, 4), pinned(PINS, 4), true, true},
            {pinned(SHROUDED, 4), pinned(PINS, 3), true, false},
            {pinned(SHROUDED, 4), PINS, true, true},
            {TAB, TAB, true, true},
            {TAB, Ending.of(Terminal.TAB_4_8, Half.UNDECIDED), true, false},
            {TAB, Ending.of(Terminal.POST, Half.UNDECIDED), true, false},
            {TAB, CLIP, true, true},
            {CLIP, Ending.of(Terminal.POST, Half.UNDECIDED), true, true},
            {CLIP, SHROUDED, true, false},
            {Ending.of(Terminal.BARE, Half.UNDECIDED), TAB, true, true},
            {Ending.of(Terminal.BARE, Half.UNDECIDED), PINS, true, false}
        };
    }

    @Test(dataProvider = "pairs")
    public void whatGoesTogether(Ending one, Ending other, boolean comparable, boolean mates) {
        assertEquals(one.comparable(other), comparable);
        assertEquals(other.comparable(one), comparable);
        if (comparable) {
            assertEquals(one.mates(other), mates);
            assertEquals(other.mates(one), mates);
            assertEquals(one.mate().mates(one), true, "its own mate fits");
        }
    }
}
