package app.brightkeel.core.layout;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Moves;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Transducer;
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

    /** The fjord kayak: two screens, the keypad, the battery and the pole off, the module stays. */
    @Test
    public void theFjordKayak() {
        TakeOff off = of(DemoRigs.gannet());
        assertEquals(
                off.off().stream().map(TakeOff.Item::name).toList(),
                List.of(
                        "9-in display",
                        "5-in display",
                        "remote keypad, other make",
                        "50 Ah LiFePO4",
                        "live head of 130° × 20°"));
        // its supply, the module, the keypad and the line-beams; clamp, lead and tether of the pole half a minute each
        assertEquals(off.off().get(0).by(), "4 plugs, 1 knob");
        assertEquals(off.off().get(4).by(), "1 plug, 1 clamp, 1 tether");
        assertEquals(off.off().get(4).minMin(), 1.5);
        assertEquals(off.off().get(0).station(), "right track beside the seat");
        assertEquals(off.minMin(), 5.5, "a minute each, by hand, and the pole");
        assertEquals(names(off.stays()), List.of("live module", "fuse block", "455/800 kHz line-beams"));
        // whatever joins what goes to what stays
        assertTrue(names(off.freed())
                .containsAll(List.of(
                        "lead of the 455/800 kHz line-beams", "network lead of the module", "lead of the nine")));
        assertFalse(names(off.freed()).contains("cable of the keypad"), "both its ends come off");
    }

    /** What is in one box is loosened from the rest, not from each other. */
    @Test
    public void aBoxComesOffAsOne() {
        Rig rig = DemoRigs.oystercatcher();
        Enclosure box = new Enclosure(
                "crate",
                "crate",
                EnclosureKind.BOX,
                "stern-well",
                Size.UNKNOWN,
                Figure.UNSET,
                Figure.UNSET,
                Figure.UNSET,
                Figure.UNSET,
                List.of(),
                List.of(),
                List.of(),
                false,
                false,
                false,
                "");
        Rig apart = rig.with(new Placement("pack", "stern-well", true));
        Rig boxed = apart.with(new Placement("display", "stern-well", true))
                .withHolders(List.of())
                .withFitOut(rig.fitOut().withBoxes(List.of(box)));
        assertEquals(by(apart, "pack"), "1 plug");
        assertEquals(by(boxed, "pack"), "inside the crate");
        assertEquals(by(boxed, "display"), "1 plug, inside the crate");
    }

    private static String by(Rig rig, String item) {
        return of(rig).off().stream()
                .filter(each -> each.id().equals(item))
                .findFirst()
                .orElseThrow()
                .by();
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

    /** By hand: display and battery on one seat: between them no plug is pulled, one leads out, one strap holds all of it. */
    @Test
    public void aUnitComesOffAsOne() {
        Rig rig = DemoRigs.oystercatcher();
        Rig seat = rig.withPlaces(
                rig.places().stream().map(place -> place.withUnit("seat")).toList());
        TakeOff apart = of(rig);
        TakeOff off = of(seat);
        assertEquals(off.off().size(), apart.off().size() - 1);
        TakeOff.Item one = off.off().get(0);
        assertEquals(one.name(), "seat with 7-in chirp display, 12 Ah LiFePO4");
        // the transducer's lead alone leads out of it; half a minute for that, half for the strap
        assertEquals(one.by(), "1 plug, 1 strap or hook");
        assertEquals(one.minMin(), 1.0, 1e-9);
        assertTrue(off.minMin() < apart.minMin());
        // its mount on the seat too: nothing leads out any more
        Transducer held = seat.transducers().get(0);
        TakeOff all = of(seat.with(held.withMount(held.mount().withUnit("seat"))));
        assertEquals(all.off().get(0).name(), "seat with 7-in chirp display, 12 Ah LiFePO4, 24° chirp cone");
        assertEquals(all.off().get(0).by(), "1 strap or hook");
        assertEquals(all.off().size(), 1);
        assertEquals(names(all.stays()), List.of());
        Rig timed = seat.with(seat.placeOf("pack").orElseThrow().withOffMin(Figure.measured(3)));
        assertEquals(of(timed).off().get(0).minMin(), 3.0, 1e-9);
    }
}
