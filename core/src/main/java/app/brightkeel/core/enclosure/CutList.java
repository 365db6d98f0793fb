package app.brightkeel.core.enclosure;

import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Parts sawn from boards by cuts from edge to edge: as few boards as can be, where every way can be looked at; where there
 * are too many, one part after the other, and that fewer would not do is only said where the area proves it.
 *
 * @param boards    each with its parts from the end of the board
 * @param tooLarge  names of parts that come out of no board, whichever way they are turned
 * @param exact     whether no fewer boards can do
 * @param wasteM2   area of boards that is left, cuts included
 * @param usedM2    area of the parts
 */
public record CutList(List<Board> boards, List<String> tooLarge, boolean exact, double wasteM2, double usedM2) {

    private static final double AREA_NOISE_M2 = 1e-9;

    /**
     * One part on its board.
     *
     * @param id      of the part in the rig
     * @param atM     its near end from the end of the board [m]
     * @param acrossM its near edge from the edge of the board [m]
     * @param wideM   across the board [m]
     */
    public record Piece(
            String id, String name, double atM, double acrossM, double lengthM, double wideM, boolean turned) {}

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

    public CutList {
        boards = List.copyOf(boards);
        tooLarge = List.copyOf(tooLarge);
    }

    /** Of boards and parts whose measures are all given. */
    public static CutList of(Boards boards) {
        List<String> tooLarge = new ArrayList<>();
        List<FirstFit.Part> parts = new ArrayList<>();
        for (BoardPart part : boards.parts()) {
            boolean out = comesOut(boards, part);
            for (int n = 1; n <= part.count(); n++) {
                String name = part.count() == 1 ? part.name() : part.name() + " " + n;
                if (out) {
                    parts.add(new FirstFit.Part(
                            part.id(),
                            name,
                            part.lengthM().value(),
                            part.wideM().value(),
                            part.turns()));
                } else {
                    tooLarge.add(name);
                }
            }
        }
        double stock = boards.stockLengthM().value();
        double wide = boards.stockWideM().value();
        double kerf = boards.kerfM().value();
        List<List<Piece>> sawn = new Sawn(parts, stock, wide, kerf).boards();
        boolean every = !sawn.isEmpty();
        if (!every) {
            sawn = FirstFit.of(parts, stock, wide, kerf);
        }
        List<Board> all =
                sawn.stream().map(pieces -> board(pieces, stock, kerf)).toList();
        double used = parts.stream().mapToDouble(FirstFit.Part::areaM2).sum();
        double bought = all.size() * stock * wide;
        // each part takes a cut with it, as if the board were one cut longer and wider
        double taken = parts.stream()
                .mapToDouble(p -> (p.lengthM() + kerf) * (p.wideM() + kerf))
                .sum();
        boolean byArea = (all.size() - 1) * (stock + kerf) * (wide + kerf) < taken - AREA_NOISE_M2;
        return new CutList(all, tooLarge, every || byArea, bought - used, used);
    }

    private static Board board(List<Piece> pieces, double stockM, double kerfM) {
        double end = pieces.stream()
                .mapToDouble(piece -> piece.atM() + piece.lengthM())
                .max()
                .orElse(0);
        return new Board(
                pieces.stream()
                        .sorted(Comparator.comparingDouble(Piece::atM).thenComparing(Piece::acrossM))
                        .toList(),
                Math.max(0, stockM - end - kerfM));
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
}
