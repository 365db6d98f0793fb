package app.brightkeel.core.enclosure;

import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.DoubleStream;

/**
 * Parts sawn from boards one behind the other, a cut between each and the next: as few boards as so can be, found for up
 * to {@link #EXACT_UP_TO} parts by branch and bound, beyond by first fit of the longest first. That fewer would not do side
 * by side either is only said where the area, or the widths, prove it.
 *
 * @param boards    each with its parts from the end of the board
 * @param tooLarge  names of parts that come out of no board, whichever way they are turned
 * @param exact     whether no fewer boards can do
 * @param wasteM2   area of boards that is left, cuts included
 * @param usedM2    area of the parts
 */
public record CutList(List<Board> boards, List<String> tooLarge, boolean exact, double wasteM2, double usedM2) {

    /** Most parts for which fewer boards are ruled out. */
    public static final int EXACT_UP_TO = 12;

    /**
     * One part on its board.
     *
     * @param atM   its near end from the end of the board [m]
     * @param wideM across the board [m]
     */
    public record Piece(String name, double atM, double lengthM, double wideM, boolean turned) {}

    /**
     * One board.
     *
     * @param leftM of its length at the far end [m]
     */
    public record Board(List<Piece> pieces, double leftM) {
        public Board {
            pieces = List.copyOf(pieces);
        }
    }

    private record Sized(String name, double lengthM, double wideM, boolean turned) {}

    public CutList {
        boards = List.copyOf(boards);
        tooLarge = List.copyOf(tooLarge);
    }

    /** Of boards and parts whose measures are all given. */
    public static CutList of(Boards boards) {
        List<String> tooLarge = new ArrayList<>();
        List<Sized> parts = new ArrayList<>();
        for (BoardPart part : boards.parts()) {
            for (int n = 1; n <= part.count(); n++) {
                String name = part.count() == 1 ? part.name() : part.name() + " " + n;
                sized(boards, part, name, parts, tooLarge);
            }
        }
        parts.sort(Comparator.comparingDouble(Sized::lengthM).reversed());
        double stock = boards.stockLengthM().value();
        double kerf = boards.kerfM().value();
        double[] lengths = parts.stream().mapToDouble(Sized::lengthM).toArray();
        boolean fewest = lengths.length <= EXACT_UP_TO;
        int[] board = fewest ? Packer.fewest(lengths, stock, kerf) : Packer.firstFit(lengths, stock, kerf);
        List<Board> all = laid(parts, board, stock, kerf);
        double used = parts.stream().mapToDouble(p -> p.lengthM() * p.wideM()).sum();
        double bought = all.size() * stock * boards.stockWideM().value();
        boolean byArea = bought > 0 && (all.size() - 1) * bought / all.size() < used;
        boolean exact = fewest && (byArea || !sideBySide(boards, kerf));
        return new CutList(all, tooLarge, exact, bought - used, used);
    }

    /** Whether two parts fit beside each other across a board, turned where they may be. */
    private static boolean sideBySide(Boards boards, double kerf) {
        double[] narrowest = boards.parts().stream()
                .filter(part -> comesOut(boards, part))
                .flatMapToDouble(
                        part -> DoubleStream.generate(() -> narrowM(part)).limit(part.count()))
                .sorted()
                .toArray();
        return narrowest.length > 1
                && narrowest[0] + kerf + narrowest[1] <= boards.stockWideM().value();
    }

    private static double narrowM(BoardPart part) {
        double wide = part.wideM().value();
        return part.turns() ? Math.min(wide, part.lengthM().value()) : wide;
    }

    private static void sized(Boards boards, BoardPart part, String name, List<Sized> parts, List<String> tooLarge) {
        double length = part.lengthM().value();
        double wide = part.wideM().value();
        if (!comesOut(boards, part)) {
            tooLarge.add(name);
        } else if (comesOut(boards, length, wide)) {
            parts.add(new Sized(name, length, wide, false));
        } else {
            parts.add(new Sized(name, wide, length, true));
        }
    }

    /** Share of the boards that is left, cuts included. */
    public double wasteShare() {
        double bought = usedM2 + wasteM2;
        return bought > 0 ? wasteM2 / bought : 0;
    }

    /** Whether a part comes out of one board, turned where it may be. */
    public static boolean comesOut(Boards boards, BoardPart part) {
        return comesOut(boards, part.lengthM().value(), part.wideM().value())
                || part.turns()
                        && comesOut(boards, part.wideM().value(), part.lengthM().value());
    }

    /** Whether a part of a length and width comes out of one board as it lies. */
    private static boolean comesOut(Boards boards, double lengthM, double wideM) {
        return lengthM <= boards.stockLengthM().value()
                && wideM <= boards.stockWideM().value();
    }

    private static List<Board> laid(List<Sized> parts, int[] board, double stock, double kerf) {
        int boards = 0;
        for (int b : board) {
            boards = Math.max(boards, b + 1);
        }
        List<Board> all = new ArrayList<>();
        for (int b = 0; b < boards; b++) {
            List<Piece> pieces = new ArrayList<>();
            double at = 0;
            for (int p = 0; p < board.length; p++) {
                if (board[p] == b) {
                    Sized part = parts.get(p);
                    pieces.add(new Piece(part.name(), at, part.lengthM(), part.wideM(), part.turned()));
                    at += part.lengthM() + kerf;
                }
            }
            all.add(new Board(pieces, Math.max(0, stock - at)));
        }
        return all;
    }
}
