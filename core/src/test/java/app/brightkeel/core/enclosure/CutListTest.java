package app.brightkeel.core.enclosure;

import static app.brightkeel.core.rig.Figure.UNSET;
import static app.brightkeel.core.rig.Figure.chosen;
import static app.brightkeel.core.rig.Figure.measured;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import app.brightkeel.core.rig.Size;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Cut lists against every way there is to put parts on boards. */
public class CutListTest {

    private static Boards boards(double stockM, double kerfM, double... lengthsM) {
        List<BoardPart> parts = new ArrayList<>();
        for (int p = 0; p < lengthsM.length; p++) {
            parts.add(new BoardPart("p" + p, "part " + p, chosen(lengthsM[p]), chosen(0.1), 1, false));
        }
        return new Boards(chosen(stockM), chosen(0.2), chosen(0.018), chosen(kerfM), UNSET, parts);
    }

    @DataProvider
    public Object[][] byHand() {
        return new Object[][] {
            // 0.497 + 3 mm + 0.500 fills a board of 1 m; a millimetre more does not
            {boards(1, 0.003, 0.497, 0.5), 1},
            {boards(1, 0.003, 0.498, 0.5), 2},
            // one part as long as the board wants no cut
            {boards(1, 0.003, 1), 1},
            // first fit of the longest takes three boards here, two can do
            {boards(1, 0.0005, 0.399, 0.3, 0.3, 0.3, 0.3, 0.3975), 2},
            {boards(0.9, 0.003, 0.44, 0.44, 0.3, 0.3, 0.29), 2}
        };
    }

    @Test(dataProvider = "byHand")
    public void asFewAsCanBe(Boards boards, int expected) {
        CutList list = CutList.of(boards);
        assertEquals(list.boards().size(), expected);
        assertTrue(list.exact());
    }

    /** Four strips of 0.8 m come out of two boards of 0.9 m side by side where they are narrow: then nothing is ruled out. */
    @Test
    public void fewerAreOnlyRuledOutWhereThatIsProved() {
        Boards strips = boards(0.9, 0.003, 0.8, 0.8, 0.8, 0.8);
        CutList wide = CutList.of(strips.withParts(strips.parts().stream()
                .map(part -> part.withWideM(chosen(0.11)))
                .toList()));
        assertEquals(wide.boards().size(), 4);
        assertTrue(wide.exact());
        CutList narrow = CutList.of(strips.withParts(strips.parts().stream()
                .map(part -> part.withWideM(chosen(0.09)))
                .toList()));
        assertFalse(narrow.exact());
    }

    /** Every part to every board: 7 parts, at most 7 boards. */
    private static int exhaustive(double[] lengths, double stock, double kerf) {
        return fewest(lengths, stock, kerf, 0, new double[lengths.length], 0);
    }

    private static int fewest(double[] lengths, double stock, double kerf, int part, double[] used, int boards) {
        if (part == lengths.length) {
            return boards;
        }
        int least = Integer.MAX_VALUE;
        for (int b = 0; b <= Math.min(boards, lengths.length - 1); b++) {
            double takes = lengths[part] + (used[b] > 0 ? kerf : 0);
            if (used[b] + takes <= stock + 1e-9) {
                used[b] += takes;
                least = Math.min(least, fewest(lengths, stock, kerf, part + 1, used, Math.max(boards, b + 1)));
                used[b] -= takes;
            }
        }
        return least;
    }

    @Test
    public void asFewAsEveryOtherWay() {
        Random random = new Random(5);
        int fewerThanFirstFit = 0;
        for (int round = 0; round < 400; round++) {
            double[] lengths = new double[2 + random.nextInt(7)];
            for (int p = 0; p < lengths.length; p++) {
                lengths[p] = (50 + random.nextInt(650)) / 1000.0;
            }
            CutList list = CutList.of(boards(0.9, 0.003, lengths));
            assertEquals(list.boards().size(), exhaustive(lengths, 0.9, 0.003), Arrays.toString(lengths));
            lies(list, 0.9, 0.003, lengths.length);
            double[] sorted =
                    Arrays.stream(lengths).map(l -> -l).sorted().map(l -> -l).toArray();
            int first = Arrays.stream(Packer.firstFit(sorted, 0.9, 0.003)).max().orElseThrow() + 1;
            fewerThanFirstFit += list.boards().size() < first ? 1 : 0;
        }
        assertTrue(fewerThanFirstFit > 0, "the search never helped");
    }

    /** No part over another, a cut between each and the next, none beyond the end. */
    private static void lies(CutList list, double stock, double kerf, int parts) {
        int found = 0;
        for (CutList.Board board : list.boards()) {
            double at = 0;
            for (CutList.Piece piece : board.pieces()) {
                assertTrue(piece.atM() >= at - 1e-9);
                at = piece.atM() + piece.lengthM() + kerf;
                assertTrue(piece.atM() + piece.lengthM() <= stock + 1e-9);
                found++;
            }
        }
        assertEquals(found, parts);
    }

    /** 40 parts of one sort: beyond what is proved, and it says so; turned where only that comes out; or not at all. */
    @Test
    public void manyPartsAndLargeOnes() {
        BoardPart slat = new BoardPart("slat", "slat", chosen(0.2), chosen(0.05), 12, false);
        Boards many = boards(0.9, 0.003)
                .withParts(List.of(slat, slat.with(p -> p.id("more").name("more"))));
        CutList list = CutList.of(many);
        assertFalse(list.exact());
        assertEquals(list.boards().size(), 6, "four of 0.2 m to a board of 0.9 m");
        BoardPart tall = new BoardPart("tall", "tall", chosen(0.15), chosen(0.5), 1, true);
        CutList turned = CutList.of(boards(0.9, 0.003)
                .withParts(List.of(tall, tall.with(p -> p.id("x").turns(false)))));
        assertTrue(turned.boards().get(0).pieces().get(0).turned());
        assertEquals(turned.tooLarge(), List.of("tall"));
        assertEquals(turned.usedM2(), 0.075, 1e-12);
        assertEquals(turned.wasteM2(), 0.9 * 0.2 - 0.075, 1e-12);
    }

    /** Lid and sides of 300 × 280 × 220 mm are 0.3392 m²: 25 W at 4 W/m²K bring 18.4 K over the air. */
    @Test
    public void heatInAShutBox() {
        Warmth warmth = Warmth.of(25, new Size(measured(0.30), measured(0.28), measured(0.22)), 17);
        assertEquals(warmth.areaM2(), 0.3392, 1e-9);
        assertEquals(warmth.insideC(), 35.4, 0.05);
    }

    /** 20 L at 1 A of overcharge: 0.04 · 20 / (0.418 · 6) h = 19.1 min (handbook: about 19). */
    @Test
    public void gasInAClosedBox() {
        assertEquals(Gas.minutes(20, 1, 1), 19.1, 0.05);
        // Faraday: 22.414 L/mol over two electrons of 26.80 Ah/mol
        assertEquals(Gas.PER_AH_AND_CELL_L, 22.414 / (2 * 26.801), 1e-3);
    }
}
