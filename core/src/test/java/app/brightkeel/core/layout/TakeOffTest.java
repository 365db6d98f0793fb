package app.brightkeel.core.layout;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Moves;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Travel;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What leaves the craft and what that takes, by hand. */
public class TakeOffTest {

    private static TakeOff of(Rig rig) {
        return TakeOff.of(Line.of(rig).rig());
    }

    private static List<String> names(List<TakeOff.Named> parts) {
        return parts.stream().map(TakeOff.Named::name).toList();
    }

    /** The fjord kayak: two screens, the keypad and the battery off, the module stays. */
    @Test
    public void theFjordKayak() {
        TakeOff off = of(DemoRigs.gannet());
        assertEquals(
                off.off().stream().map(TakeOff.Item::name).toList(),
                List.of("9-in display", "5-in display", "remote keypad, other make", "50 Ah LiFePO4"));
        assertEquals(off.off().get(0).station(), "right track beside the seat");
        assertEquals(off.minMin(), 4.0, "a minute each, by hand");
        assertEquals(
                names(off.stays()),
                List.of("live module", "fuse block", "455/800 kHz line-beams", "live head of 130° × 20°"));
        // whatever joins what goes to what stays
        assertTrue(names(off.freed())
                .containsAll(List.of(
                        "lead of the 455/800 kHz line-beams", "network lead of the module", "lead of the nine")));
        assertFalse(names(off.freed()).contains("cable of the keypad"), "both its ends come off");
    }

    @DataProvider
    public Object[][] minutes() {
        Held strapped = Held.UNKNOWN.with(h -> h.how(Holding.STRAP).anchors(2));
        return new Object[][] {
            {Held.UNKNOWN, Figure.UNSET, 1.0},
            {strapped.withToolFree(true), Figure.UNSET, 1.0},
            {strapped, Figure.UNSET, 4.0},
            {strapped, Figure.measured(2.5), 2.5},
        };
    }

    /** By hand a minute, with a tool four, where nobody timed it; timed it is what it is. */
    @Test(dataProvider = "minutes")
    public void whatAPackTakes(Held held, Figure offMin, double expected) {
        Rig rig = DemoRigs.oystercatcher().with(new Placement("pack", "stern-well", true, held, offMin));
        TakeOff off = of(rig);
        assertEquals(
                off.off().stream()
                        .filter(item -> item.name().equals("12 Ah LiFePO4"))
                        .findFirst()
                        .orElseThrow()
                        .minMin(),
                expected);
        assertEquals(off.minMin(), 1 + expected);
    }

    /** What is unplugged before a bracket folds is freed even where both its ends stay. */
    @Test
    public void whatFoldsIsUnplugged() {
        Rig rig = DemoRigs.oystercatcher();
        Rig stays = rig.withPlaces(
                rig.places().stream().map(place -> place.withComesOff(false)).toList());
        assertEquals(of(stays).freed(), List.of());
        assertEquals(of(stays).minMin(), 0.0);
        Travel folds = new Travel(Moves.BRACKET, Figure.measured(0.3), Figure.measured(90), true);
        Rig folding = stays.with(stays.runOf("transducer").orElseThrow().withTravels(List.of(folds)));
        assertEquals(names(of(folding).freed()), List.of("lead of the 24° chirp cone"));
    }
}
