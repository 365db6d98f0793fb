package app.brightkeel.core.parts;

import static org.testng.Assert.assertEquals;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import org.testng.annotations.Test;

public class PartsListTest {

    @Test
    public void listsEveryPieceWithSizeAndReason() {
        List<String> lines = PartsList.of(DemoRigs.oystercatcher()).stream()
                .map(p -> p.what() + "|" + p.name() + "|" + p.size().plain() + "|" + p.note())
                .toList();
        assertEquals(
                lines,
                List.of(
                        "battery|12 Ah LiFePO4|12.0 Ah, LiFePO4, 1.5 kg|",
                        "pair of wires|supply lead|0.33 mm², 3.20 m|Came with the display; a thicker pair lies in the garage.",
                        "fuse|main fuse|5 A, blade|",
                        "joint|quick plug||",
                        "device|7-in chirp display|7-in display|",
                        "transducer|24° chirp cone|chirp cone, 4.60 m, 0.7 kg|",
                        "mount|scupper mount||"));
    }

    /** As many lines as the rig has parts, whatever is open. */
    @Test
    public void nothingIsLeftOut() {
        for (Rig rig : TestRigs.all()) {
            long fittings = rig.harness().segments().stream()
                    .mapToLong(s -> s.fittings().size())
                    .sum();
            long parts = rig.devices().size()
                    + rig.harness().packs().size()
                    + rig.chargers().size()
                    + rig.harness().junctions().size()
                    + rig.harness().segments().size()
                    + fittings
                    // each with its mount
                    + 2L * rig.transducers().size();
            assertEquals(PartsList.of(rig).size(), parts);
        }
        assertEquals(PartsList.of(Rig.blank("new", CraftKind.UNDECIDED)), List.of());
    }
}
