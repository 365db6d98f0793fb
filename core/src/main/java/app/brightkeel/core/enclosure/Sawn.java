package app.brightkeel.core.enclosure;

import app.brightkeel.core.enclosure.Guillotine.Block;
import app.brightkeel.core.enclosure.Guillotine.Wanted;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Parts by name on the fewest boards, as {@link Guillotine} finds them for parts that are only counted. */
final class Sawn {

    private final List<FirstFit.Part> parts;
    private final double stockM;
    private final double wideM;
    private final double kerfM;
    private final List<Deque<FirstFit.Part>> alike = new ArrayList<>();

    Sawn(List<FirstFit.Part> parts, double stockM, double wideM, double kerfM) {
        this.parts = parts;
        this.stockM = stockM;
        this.wideM = wideM;
        this.kerfM = kerfM;
    }

    /** Of each board its pieces; empty where there are too many ways to look at all. */
    List<List<CutList.Piece>> boards() {
        Map<FirstFit.Part, Deque<FirstFit.Part>> byMeasure = new LinkedHashMap<>();
        parts.forEach(part -> byMeasure
                .computeIfAbsent(nameless(part), each -> new ArrayDeque<>())
                .add(part));
        alike.clear();
        alike.addAll(byMeasure.values());
        List<Wanted> wanted = byMeasure.entrySet().stream()
                .map(each -> new Wanted(
                        each.getKey().lengthM(),
                        each.getKey().wideM(),
                        each.getKey().turns(),
                        each.getValue().size()))
                .toList();
        List<List<CutList.Piece>> boards = new ArrayList<>();
        for (Block block : Guillotine.fewest(wanted, stockM, wideM, kerfM)) {
            List<CutList.Piece> pieces = new ArrayList<>();
            lay(block, 0, 0, pieces);
            boards.add(pieces);
        }
        return boards;
    }

    private static FirstFit.Part nameless(FirstFit.Part part) {
        return new FirstFit.Part("", "", part.lengthM(), part.wideM(), part.turns());
    }

    private void lay(Block block, double atM, double acrossM, List<CutList.Piece> pieces) {
        if (block.first() == null || block.second() == null) {
            FirstFit.Part part = alike.get(block.wanted()).remove();
            pieces.add(new CutList.Piece(
                    part.id(), part.name(), atM, acrossM, block.lengthM(), block.wideM(), block.turned()));
            return;
        }
        lay(block.first(), atM, acrossM, pieces);
        if (block.along()) {
            lay(block.second(), atM + block.first().lengthM() + kerfM, acrossM, pieces);
        } else {
            lay(block.second(), atM, acrossM + block.first().wideM() + kerfM, pieces);
        }
    }
}
