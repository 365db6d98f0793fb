package app.brightkeel.core.enclosure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Many parts on boards, one after the other: each goes into the first left-over rectangle that it comes out of, which is
 * then cut from edge to edge along the shorter of what is left. Not the fewest boards, but sound ones.
 */
final class FirstFit {

    private static final double SAME_M = 1e-9;

    /** Orders in which parts are taken: the one that needs the fewest boards counts. */
    private static final List<Comparator<Part>> ORDERS = List.of(
            Comparator.comparingDouble(Part::lengthM).reversed(),
            Comparator.comparingDouble(Part::areaM2).reversed(),
            Comparator.comparingDouble(Part::wideM).reversed());

    /** What is left over of a board. */
    private record Free(int board, double atM, double acrossM, double lengthM, double wideM) {}

    /** A part as it is wanted, and as it may lie. */
    record Part(String id, String name, double lengthM, double wideM, boolean turns) {
        double areaM2() {
            return lengthM * wideM;
        }
    }

    private final double stockM;
    private final double wideM;
    private final double kerfM;
    private final List<Free> free = new ArrayList<>();
    private final List<List<CutList.Piece>> boards = new ArrayList<>();

    private FirstFit(double stockM, double wideM, double kerfM) {
        this.stockM = stockM;
        this.wideM = wideM;
        this.kerfM = kerfM;
    }

    /** Of each board its pieces; each part comes out of a board alone. */
    static List<List<CutList.Piece>> of(List<Part> parts, double stockM, double wideM, double kerfM) {
        List<List<CutList.Piece>> best = List.of();
        for (Comparator<Part> order : ORDERS) {
            FirstFit fit = new FirstFit(stockM, wideM, kerfM);
            parts.stream().sorted(order).forEach(fit::put);
            if (best.isEmpty() || fit.boards.size() < best.size()) {
                best = fit.boards;
            }
        }
        return best;
    }

    private void put(Part part) {
        for (int f = 0; f < free.size(); f++) {
            if (put(part, free.get(f), f)) {
                return;
            }
        }
        boards.add(new ArrayList<>());
        free.add(new Free(boards.size() - 1, 0, 0, stockM, wideM));
        put(part, free.get(free.size() - 1), free.size() - 1);
    }

    private boolean put(Part part, Free into, int place) {
        boolean asItLies = part.lengthM() <= into.lengthM() + SAME_M && part.wideM() <= into.wideM() + SAME_M;
        boolean turned =
                part.turns() && part.wideM() <= into.lengthM() + SAME_M && part.lengthM() <= into.wideM() + SAME_M;
        if (!asItLies && !turned) {
            return false;
        }
        double length = asItLies ? part.lengthM() : part.wideM();
        double wide = asItLies ? part.wideM() : part.lengthM();
        boards.get(into.board())
                .add(new CutList.Piece(part.id(), part.name(), into.atM(), into.acrossM(), length, wide, !asItLies));
        free.remove(place);
        double behind = into.lengthM() - length - kerfM;
        double beside = into.wideM() - wide - kerfM;
        boolean across = behind > beside;
        if (behind > 0) {
            free.add(new Free(
                    into.board(), into.atM() + length + kerfM, into.acrossM(), behind, across ? into.wideM() : wide));
        }
        if (beside > 0) {
            free.add(new Free(
                    into.board(), into.atM(), into.acrossM() + wide + kerfM, across ? length : into.lengthM(), beside));
        }
        return true;
    }
}
