package app.brightkeel.core.enclosure;

import static app.brightkeel.core.rig.Figure.UNSET;
import static app.brightkeel.core.rig.Figure.chosen;
import static app.brightkeel.core.rig.Figure.measured;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Size;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
        return new Boards(chosen(stockM), chosen(0.2), chosen(0.018), chosen(kerfM), UNSET, parts, Figure.UNSET);
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

    @DataProvider
    public Object[][] sideBySide() {
        return new Object[][] {
            // wide of each of four strips of 0.8 m, boards of 0.9 × 0.2 m
            {0.11, 4}, {0.0985, 2}, {0.0986, 4}, {0.0643, 2}, {0.0477, 1}, {0.0478, 2}
        };
    }

    /** n·wide + (n − 1)·3 mm ≤ 200 mm go side by side. */
    @Test(dataProvider = "sideBySide")
    public void stripsComeOutSideBySide(double wideM, int expected) {
        Boards strips = boards(0.9, 0.003, 0.8, 0.8, 0.8, 0.8);
        CutList list = CutList.of(strips.withParts(strips.parts().stream()
                .map(part -> part.withWideM(chosen(wideM)))
                .toList()));
        assertEquals(list.boards().size(), expected);
        assertTrue(list.exact());
        lies(list, 0.9, 0.003, 4);
    }

    private static final double GRID_M = 0.005;

    /**
     * Against every cut a saw could make on a grid of 5 mm, a cut as wide as the grid: what comes out of a rectangle is a
     * part, or what comes out of its two halves.
     */
    @Test
    public void asFewAsEveryWayOfSawing() {
        Random random = new Random(11);
        int[] seen = new int[6];
        for (int round = 0; round < 300; round++) {
            int length = 20 + random.nextInt(7);
            int wide = 4 + random.nextInt(6);
            int[][] parts = new int[3 + random.nextInt(3)][];
            List<BoardPart> asked = new ArrayList<>();
            for (int p = 0; p < parts.length; p++) {
                int[] part = {2 + random.nextInt(14), 2 + random.nextInt(3), random.nextInt(2)};
                parts[p] = p > 0 && random.nextInt(3) == 0 ? parts[p - 1] : part;
                asked.add(new BoardPart(
                        "p" + p,
                        "part " + p,
                        chosen(parts[p][0] * GRID_M),
                        chosen(parts[p][1] * GRID_M),
                        1,
                        parts[p][2] == 1));
            }
            CutList list = CutList.of(new Boards(
                    chosen(length * GRID_M),
                    chosen(wide * GRID_M),
                    chosen(0.018),
                    chosen(GRID_M),
                    UNSET,
                    asked,
                    Figure.UNSET));
            int fewest = new BySaw(parts).boards(length, wide);
            assertEquals(list.boards().size(), fewest, Arrays.deepToString(parts) + " " + length + "×" + wide);
            assertTrue(list.exact());
            lies(list, length * GRID_M, GRID_M, parts.length);
            seen[fewest]++;
        }
        assertTrue(seen[1] > 20 && seen[2] > 20 && seen[3] > 2, Arrays.toString(seen));
    }

    /** Sets of parts as bits. */
    private static final class BySaw {
        private final int[][] parts;
        private final Map<Integer, boolean[]> known = new HashMap<>();

        BySaw(int[][] parts) {
            this.parts = parts;
        }

        int boards(int length, int wide) {
            return boards(outOf(length, wide), (1 << parts.length) - 1);
        }

        private static int boards(boolean[] one, int left) {
            int least = left == 0 ? 0 : Integer.MAX_VALUE;
            for (int some = left; some > 0; some = (some - 1) & left) {
                if (one[some] && (some & -left & left) != 0) {
                    least = Math.min(least, 1 + boards(one, left & ~some));
                }
            }
            return least;
        }

        private boolean[] outOf(int length, int wide) {
            boolean[] before = known.get(length * 100 + wide);
            if (before != null) {
                return before;
            }
            boolean[] all = new boolean[1 << parts.length];
            all[0] = true;
            for (int p = 0; p < parts.length; p++) {
                boolean lies = parts[p][0] <= length && parts[p][1] <= wide;
                boolean turned = parts[p][2] == 1 && parts[p][1] <= length && parts[p][0] <= wide;
                all[1 << p] = lies || turned;
            }
            for (int cut = 1; cut + 1 < length; cut++) {
                both(all, outOf(cut, wide), outOf(length - cut - 1, wide));
            }
            for (int cut = 1; cut + 1 < wide; cut++) {
                both(all, outOf(length, cut), outOf(length, wide - cut - 1));
            }
            known.put(length * 100 + wide, all);
            return all;
        }

        private static void both(boolean[] all, boolean[] some, boolean[] others) {
            for (int a = 0; a < all.length; a++) {
                for (int b = 0; some[a] && b < all.length; b++) {
                    all[a | b] |= others[b] && (a & b) == 0;
                }
            }
        }
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
            fewerThanFirstFit += list.boards().size() < firstFit(lengths) ? 1 : 0;
        }
        assertTrue(fewerThanFirstFit > 0, "the search never helped");
    }

    /** Boards of 0.9 m that the longest first into the first with room takes. */
    private static int firstFit(double[] lengths) {
        double[] room = new double[lengths.length];
        Arrays.fill(room, 0.9 + 0.003);
        int most = 0;
        double[] sorted =
                Arrays.stream(lengths).map(l -> -l).sorted().map(l -> -l).toArray();
        for (double length : sorted) {
            int b = 0;
            while (room[b] < length + 0.003 - 1e-9) {
                b++;
            }
            room[b] -= length + 0.003;
            most = Math.max(most, b + 1);
        }
        return most;
    }

    /** No two parts nearer than a cut, none beyond the end or the edge: 0.2 m of board where it is longer than that. */
    private static void lies(CutList list, double stock, double kerf, int parts) {
        int found = 0;
        for (CutList.Board board : list.boards()) {
            for (CutList.Piece piece : board.pieces()) {
                assertTrue(piece.atM() >= 0 && piece.acrossM() >= 0);
                assertTrue(piece.atM() + piece.lengthM() <= stock + 1e-9);
                assertTrue(piece.acrossM() + piece.wideM() <= 0.2 + 1e-9);
                for (CutList.Piece other : board.pieces()) {
                    boolean apart = other == piece
                            || apart(piece.atM(), piece.lengthM(), other.atM(), other.lengthM(), kerf)
                            || apart(piece.acrossM(), piece.wideM(), other.acrossM(), other.wideM(), kerf);
                    assertTrue(apart, piece + " over " + other);
                }
                found++;
            }
        }
        assertEquals(found, parts);
    }

    private static boolean apart(double at, double size, double otherAt, double otherSize, double kerf) {
        return at + size + kerf <= otherAt + 1e-9 || otherAt + otherSize + kerf <= at + 1e-9;
    }

    /** 24 slats of one sort are proved; of 20 sorts it is said that fewer may do; turned where only that comes out. */
    @Test
    public void manyPartsAndLargeOnes() {
        BoardPart slat = new BoardPart("slat", "slat", chosen(0.2), chosen(0.05), 12, false);
        Boards many = boards(0.9, 0.003)
                .withParts(List.of(slat, slat.with(p -> p.id("more").name("more"))));
        CutList list = CutList.of(many);
        assertTrue(list.exact());
        assertEquals(list.boards().size(), 2, "four of 0.2 m by three of 0.05 m on a board of 0.9 × 0.2 m");
        double[] lengths = new double[20];
        Arrays.setAll(lengths, p -> 0.20 + 0.011 * p);
        CutList sorts = CutList.of(boards(0.9, 0.003, lengths));
        assertFalse(sorts.exact());
        lies(sorts, 0.9, 0.003, 20);
        double[] alike = new double[20];
        Arrays.setAll(alike, p -> 0.448 - 1e-5 * p);
        assertEquals(CutList.of(boards(0.9, 0.003, alike)).boards().size(), 10);
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
