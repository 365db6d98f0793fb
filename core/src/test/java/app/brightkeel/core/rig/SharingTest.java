package app.brightkeel.core.rig;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.RigReviewer;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How a craft travels weighs what comes off against what stays; common practice, no source. */
public class SharingTest {

    private static Rig rig(Transport transport, Figure crafts) {
        return DemoRigs.oystercatcher().withSharing(new Sharing(transport, crafts, Figure.UNSET));
    }

    @DataProvider
    public Object[][] weights() {
        Figure open = Figure.UNSET;
        return new Object[][] {
            {Transport.UNDECIDED, open, 1, 1},
            {Transport.ROOF, open, 2, 1},
            {Transport.BY_HAND, open, 2, 1},
            {Transport.LEFT, Figure.chosen(1), 2, 0.2},
            {Transport.TRAILER, Figure.chosen(1), 0.2, 0.2},
            {Transport.TRAILER, Figure.chosen(3), 1, 2},
        };
    }

    @Test(dataProvider = "weights")
    public void itWeighsWhereNobodyGaveAWeight(Transport transport, Figure crafts, double removal, double shared) {
        Weights filled = Line.of(rig(transport, crafts)).rig().weights();
        assertEquals(Weights.of(filled.removal()), removal, 1e-12);
        assertEquals(Weights.of(filled.shared()), shared, 1e-12);
        Weights own = Weights.EVEN.withRemoval(Figure.chosen(5));
        assertEquals(
                Line.of(rig(transport, crafts).withWeights(own)).rig().weights().removal(), Figure.chosen(5));
    }

    @DataProvider
    public Object[][] reasons() {
        return new Object[][] {
            {Transport.TRAILER, Figure.chosen(1), "comes off quickly (you never lift it: that brings little)"},
            {Transport.ROOF, Figure.UNSET, "comes off quickly (it goes on a car's roof: that counts)"},
            {Transport.UNDECIDED, Figure.UNSET, "comes off quickly"},
            {Transport.UNDECIDED, Figure.chosen(1), "serves several craft (there is one: that brings little)"},
            {
                Transport.LEFT,
                Figure.UNSET,
                "has to be taken along where the craft is left alone (it is left at the water: that counts)"
            },
        };
    }

    /** A swing arm against a scupper mount, and why that counts here. */
    @Test(dataProvider = "reasons")
    public void itIsNamedAsTheReason(Transport transport, Figure crafts, String words) {
        List<String> said = Comparison.of(Line.of(rig(transport, crafts)), Link.MOUNT, new RigReviewer()).stream()
                .filter(offer -> offer.id().contains("swing-arm"))
                .flatMap(offer -> Stream.concat(offer.wins().stream(), offer.loses().stream()))
                .map(text -> text.plain())
                .toList();
        assertTrue(said.contains(words), said.toString());
    }
}
