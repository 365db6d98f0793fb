package app.brightkeel.core.enclosure;

import java.util.Arrays;

/** Puts lengths on as few boards as it can: which board each part comes from, longest part first. */
final class Packer {

    /** Lengths that differ by rounding alone are the same [m]. */
    private static final double SAME_M = 1e-9;

    private final double[] lengths;
    private final double kerf;
    private final double capacity;
    private final double[] left;
    private final int[] board;
    private int[] best;
    private int fewest;

    private Packer(double[] lengths, double stock, double kerf) {
        this.lengths = lengths;
        this.kerf = kerf;
        // a board of n parts wants n − 1 cuts: as if it were one cut longer and each part took a cut with it
        capacity = stock + kerf;
        left = new double[lengths.length];
        Arrays.fill(left, capacity);
        board = new int[lengths.length];
        best = firstFit(lengths, stock, kerf);
        fewest = Arrays.stream(best).max().orElse(-1) + 1;
    }

    /**
     * The board of each part, no fewer boards possible.
     *
     * @param lengths longest first, none longer than the stock
     */
    static int[] fewest(double[] lengths, double stock, double kerf) {
        Packer packer = new Packer(lengths, stock, kerf);
        packer.place(0, 0);
        return packer.best;
    }

    /** The first board with room for each part. */
    static int[] firstFit(double[] lengths, double stock, double kerf) {
        double[] room = new double[lengths.length];
        Arrays.fill(room, stock + kerf);
        int[] board = new int[lengths.length];
        for (int p = 0; p < lengths.length; p++) {
            int b = 0;
            while (room[b] < lengths[p] + kerf - SAME_M) {
                b++;
            }
            room[b] -= lengths[p] + kerf;
            board[p] = b;
        }
        return board;
    }

    private void place(int part, int used) {
        if (used >= fewest) {
            return;
        }
        if (part == lengths.length) {
            fewest = used;
            best = board.clone();
            return;
        }
        if (used + (int) Math.ceil(overflow(part, used) / capacity - SAME_M) >= fewest) {
            return;
        }
        double takes = lengths[part] + kerf;
        for (int b = 0; b <= Math.min(used, lengths.length - 1); b++) {
            if (left[b] >= takes - SAME_M && !seenBefore(b)) {
                left[b] -= takes;
                board[part] = b;
                place(part + 1, Math.max(used, b + 1));
                left[b] += takes;
            }
        }
    }

    /** What is still to be placed and does not go on the boards begun, however it were cut up [m]. */
    private double overflow(int part, int used) {
        double over = 0;
        for (int p = part; p < lengths.length; p++) {
            over += lengths[p] + kerf;
        }
        for (int b = 0; b < used; b++) {
            over -= left[b];
        }
        return Math.max(0, over);
    }

    /** Boards with the same room left are the same. */
    private boolean seenBefore(int b) {
        for (int earlier = 0; earlier < b; earlier++) {
            if (Math.abs(left[earlier] - left[b]) < SAME_M) {
                return true;
            }
        }
        return false;
    }
}
