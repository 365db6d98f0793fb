package app.brightkeel.core.parts;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.layout.Carried;
import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

public class PartsListTest {

    @Test
    public void listsEveryPieceWithSizeAndReason() {
        List<String> lines = PartsList.of(DemoRigs.oystercatcher()).stream()
                .map(p -> p.what() + "|" + p.name() + "|" + p.sort() + "|"
                        + p.sizes().stream().map(Amount::plain).collect(Collectors.joining(" ")) + "|" + p.note())
                .toList();
        assertEquals(
                lines,
                List.of(
                        "battery|12 Ah LiFePO4|LiFePO4|12.0 Ah 1.5 kg|",
                        "pair of wires|supply lead|plain copper|0.33 mm² 3.20 m|"
                                + "Came with the display; a thicker pair lies in the garage.",
                        "fuse|main fuse|blade|5 A|",
                        "joint|quick plug|||",
                        "device|7-in chirp display|7-in display|0.9 kg|",
                        "holder|its own cradle|cradle||",
                        "transducer|24° chirp cone|chirp cone|4.60 m 0.7 kg|",
                        "mount|scupper mount|||"));
    }

    /** What Carry says all of it weighs is what the masses of the list add up to, whatever is carried. */
    @Test
    public void massesAddUpToWhatCarrySays() {
        for (Rig rig : DemoRigs.all()) {
            Carried carried = Line.of(rig).get(CarryStage.STAGE).value();
            double sum = PartsList.of(rig).stream()
                    .mapToDouble(part -> part.in(Unit.KILOGRAM).map(Amount::si).orElse(0.0))
                    .sum();
            assertEquals(sum, carried.massKg(), 1e-9, rig.name());
        }
    }

    /** Every line has an id of its own. */
    @Test
    public void idsAreTheirOwn() {
        for (Rig rig : DemoRigs.all()) {
            List<PartsList.Part> parts = PartsList.of(rig);
            assertEquals(parts.stream().map(PartsList.Part::id).distinct().count(), parts.size(), rig.name());
            assertTrue(parts.stream().noneMatch(part -> part.id().isEmpty()), rig.name());
        }
    }
}
