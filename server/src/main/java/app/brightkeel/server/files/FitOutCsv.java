package app.brightkeel.server.files;

import app.brightkeel.core.enclosure.CutList;
import app.brightkeel.core.layout.TakeOff;
import app.brightkeel.core.parts.HoleList;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Unit;
import java.util.ArrayList;
import java.util.List;

/** Holes, what comes off, and cut parts as CSV. */
public final class FitOutCsv {

    private static final List<String> HOLE = List.of(
            "number",
            "hole",
            "through",
            "there or drill",
            "waterline",
            "clear",
            "passes",
            "first",
            "closed by",
            "tight by",
            "remark");
    private static final List<String> OFF = List.of("what", "from", "minutes");
    private static final List<String> CUT =
            List.of("board", "part", "from its end", "from its edge", "long", "wide", "turned");

    private FitOutCsv() {}

    public static String holes(List<HoleList.Row> rows, Habit habit) {
        return Csv.of(
                HOLE,
                rows,
                row -> List.of(
                        String.valueOf(row.number()),
                        row.name(),
                        row.part(),
                        row.there(),
                        row.line(),
                        row.clear().in(habit),
                        row.cables(),
                        row.first().in(habit),
                        row.closing().in(habit),
                        row.sealing(),
                        row.remark()));
    }

    /** What comes off with its minutes; what is unplugged first and what stays below it. */
    public static String takeOff(TakeOff off, Habit habit) {
        List<List<String>> rows = new ArrayList<>();
        off.freed().forEach(cable -> rows.add(List.of("unplug the " + cable, "", "")));
        off.off()
                .forEach(item -> rows.add(
                        List.of(item.name(), item.station(), new Amount(item.minMin(), Unit.MINUTE).in(habit))));
        rows.add(List.of("all of it", "", new Amount(off.minMin(), Unit.MINUTE).in(habit)));
        off.stays().forEach(name -> rows.add(List.of(name, "stays aboard", "")));
        return Csv.of(OFF, rows, row -> row);
    }

    private record Cut(int board, CutList.Piece piece) {}

    public static String cuts(CutList list, Habit habit) {
        List<Cut> cuts = new ArrayList<>();
        for (int b = 0; b < list.boards().size(); b++) {
            for (CutList.Piece piece : list.boards().get(b).pieces()) {
                cuts.add(new Cut(b + 1, piece));
            }
        }
        return Csv.of(
                CUT,
                cuts,
                cut -> List.of(
                        String.valueOf(cut.board()),
                        cut.piece().name(),
                        millimetres(cut.piece().atM(), habit),
                        millimetres(cut.piece().acrossM(), habit),
                        millimetres(cut.piece().lengthM(), habit),
                        millimetres(cut.piece().wideM(), habit),
                        cut.piece().turned() ? "yes" : "no"));
    }

    private static String millimetres(double metres, Habit habit) {
        return new Amount(metres, Unit.MILLIMETRE).in(habit);
    }
}
