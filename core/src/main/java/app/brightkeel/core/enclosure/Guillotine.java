package app.brightkeel.core.enclosure;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Every way of sawing parts from one board by cuts from edge to edge, as a saw makes them, and the fewest boards that so
 * do.
 *
 * <p>What comes out by such cuts is a part, or two such blocks one behind the other or side by side with a cut between
 * them. So the least blocks of each bag of parts follow from those of its smaller bags (bottom-up dynamic programming
 * over guillotine patterns; P. Y. Wang, <em>Operations Research</em> 31 (1983), from memory), and the fewest boards from
 * what comes out of one. Parts of the same measures are counted, not told apart.
 */
final class Guillotine {

    /** Measures that differ by rounding alone are the same [m]. */
    private static final double SAME_M = 1e-9;

    /** Most pairs of bags, and of blocks in them, that are looked at: beyond that fewer boards are not ruled out. */
    private static final long MOST_PAIRS = 600_000;

    private static final long MOST_BLOCKS = 3_000_000;

    /**
     * A part that is wanted.
     *
     * @param turns whether its grain may run across the board
     */
    record Wanted(double lengthM, double wideM, boolean turns, int count) {}

    /**
     * What comes out of a rectangle: one part, or two blocks.
     *
     * @param lengthM along the board, as little as it takes
     * @param wanted  place of its part; −1 of two blocks
     * @param along   whether its two blocks lie one behind the other
     */
    record Block(
            double lengthM,
            double wideM,
            int wanted,
            boolean turned,
            boolean along,
            @Nullable Block first,
            @Nullable Block second) {}

    private final List<Wanted> wanted;
    private final double stockM;
    private final double wideM;
    private final double kerfM;

    /** Of each bag its number: how often each part is in it, as digits. */
    private final int[] weight;

    private final List<List<Block>> blocks = new ArrayList<>();
    private long looked;

    private Guillotine(List<Wanted> wanted, double stockM, double wideM, double kerfM) {
        this.wanted = wanted;
        this.stockM = stockM;
        this.wideM = wideM;
        this.kerfM = kerfM;
        weight = new int[wanted.size() + 1];
        weight[0] = 1;
        for (int w = 0; w < wanted.size(); w++) {
            weight[w + 1] = weight[w] * (wanted.get(w).count() + 1);
        }
    }

    /**
     * The fewest boards, each as the block that is sawn from it; empty where there are too many ways to look at all.
     *
     * @param wanted each comes out of a board alone
     */
    static List<Block> fewest(List<Wanted> wanted, double stockM, double wideM, double kerfM) {
        double pairs = 1;
        for (Wanted each : wanted) {
            pairs *= (each.count() + 1) * (each.count() + 2) / 2.0;
        }
        if (pairs > MOST_PAIRS) {
            return List.of();
        }
        Guillotine ways = new Guillotine(wanted, stockM, wideM, kerfM);
        return ways.blocks() ? ways.boards() : List.of();
    }

    /** Fills in the blocks of every bag, smaller bags first; false where they are too many. */
    private boolean blocks() {
        int bags = weight[wanted.size()];
        for (int bag = 0; bag < bags; bag++) {
            List<Block> least = new ArrayList<>();
            blocks.add(least);
            single(bag, least);
            for (int part = below(bag, bag); part > 0; part = below(bag, part)) {
                if (part >= bag - part) {
                    join(blocks.get(part), blocks.get(bag - part), least);
                }
            }
            if (looked > MOST_BLOCKS) {
                return false;
            }
        }
        return true;
    }

    /** The next smaller bag that is contained in a bag; 0 after the last. */
    private int below(int bag, int part) {
        int next = part;
        for (int w = 0; w < wanted.size(); w++) {
            if (digit(next, w) > 0) {
                return next - weight[w];
            }
            next += digit(bag, w) * weight[w];
        }
        return 0;
    }

    private int digit(int bag, int w) {
        return bag / weight[w] % (wanted.get(w).count() + 1);
    }

    private void single(int bag, List<Block> least) {
        for (int w = 0; w < wanted.size(); w++) {
            if (bag == weight[w]) {
                Wanted part = wanted.get(w);
                add(new Block(part.lengthM(), part.wideM(), w, false, false, null, null), least);
                if (part.turns()) {
                    add(new Block(part.wideM(), part.lengthM(), w, true, false, null, null), least);
                }
            }
        }
    }

    private void join(List<Block> some, List<Block> others, List<Block> least) {
        for (Block a : some) {
            for (Block b : others) {
                looked++;
                add(
                        new Block(
                                a.lengthM() + kerfM + b.lengthM(),
                                Math.max(a.wideM(), b.wideM()),
                                -1,
                                false,
                                true,
                                a,
                                b),
                        least);
                add(
                        new Block(
                                Math.max(a.lengthM(), b.lengthM()),
                                a.wideM() + kerfM + b.wideM(),
                                -1,
                                false,
                                false,
                                a,
                                b),
                        least);
            }
        }
    }

    /** Keeps a block that comes out of the board and is not larger both ways than another. */
    private void add(Block block, List<Block> least) {
        if (block.lengthM() > stockM + SAME_M || block.wideM() > wideM + SAME_M) {
            return;
        }
        for (Block other : least) {
            if (other.lengthM() <= block.lengthM() + SAME_M && other.wideM() <= block.wideM() + SAME_M) {
                return;
            }
        }
        least.removeIf(other -> block.lengthM() <= other.lengthM() + SAME_M && block.wideM() <= other.wideM() + SAME_M);
        least.add(block);
    }

    /** Of all ways to share the parts out among the fewest boards the one that takes the least length of them. */
    private List<Block> boards() {
        int bags = weight[wanted.size()];
        int[] count = new int[bags];
        double[] length = new double[bags];
        int[] last = new int[bags];
        for (int bag = 1; bag < bags; bag++) {
            count[bag] = Integer.MAX_VALUE;
            for (int part = bag; part > 0; part = below(bag, part)) {
                Block block = shortest(part);
                int rest = bag - part;
                if (block != null && better(count[rest] + 1, length[rest] + block.lengthM(), count[bag], length[bag])) {
                    count[bag] = count[rest] + 1;
                    length[bag] = length[rest] + block.lengthM();
                    last[bag] = part;
                }
            }
        }
        List<Block> all = new ArrayList<>();
        for (int bag = bags - 1; bag > 0; bag -= last[bag]) {
            all.add(shortest(last[bag]));
        }
        return all;
    }

    private static boolean better(int count, double lengthM, int thanCount, double thanLengthM) {
        return count < thanCount || count == thanCount && lengthM < thanLengthM - SAME_M;
    }

    private @Nullable Block shortest(int bag) {
        @Nullable Block shortest = null;
        for (Block block : blocks.get(bag)) {
            if (shortest == null || block.lengthM() < shortest.lengthM()) {
                shortest = block;
            }
        }
        return shortest;
    }
}
