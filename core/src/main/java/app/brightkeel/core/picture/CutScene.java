package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.enclosure.CutList;
import app.brightkeel.core.enclosure.Cutting;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Boards;
import java.util.ArrayList;
import java.util.List;

/** Boards with the parts to saw from them, one board under the other; what comes out of none stands below. */
final class CutScene {

    private static final double GAP = 0.35;
    private static final double ROOM = 0.06;

    private CutScene() {}

    /** None where nothing is built of boards. */
    static List<Outcome<Scene>> all(Line line) {
        Boards boards = line.rig().fitOut().boards();
        return boards.parts().isEmpty()
                ? List.of()
                : List.of(line.get(Cutting.STAGE).map(list -> scene(boards, list)));
    }

    private static Scene scene(Boards boards, CutList list) {
        Drawing drawing = new Drawing();
        double longM = boards.stockLengthM().value();
        double wideM = boards.stockWideM().value();
        double pitchX = longM * (1 + ROOM);
        double pitchY = wideM * (1 + GAP);
        int columns = list.boards().size() > 1 ? 2 : 1;
        int lines = Math.max(1, (list.boards().size() + columns - 1) / columns);
        List<List<Text>> rows = new ArrayList<>();
        for (int b = 0; b < list.boards().size(); b++) {
            board(drawing, boards, list.boards().get(b), b + 1, at(b % columns * pitchX, -(b / columns) * pitchY));
            for (CutList.Piece piece : list.boards().get(b).pieces()) {
                rows.add(row(b + 1, piece));
            }
        }
        double foot = -lines * pitchY + wideM;
        for (int i = 0; i < list.tooLarge().size(); i++) {
            drawing.note(
                    Role.MISSING,
                    at(0, foot),
                    Side.RIGHT,
                    1.5 + 1.2 * i,
                    "{} comes out of no board",
                    list.tooLarge().get(i));
        }
        return new Scene(
                Text.of("Parts on their boards"),
                Text.of(
                        list.exact()
                                ? "{} of {} × {}, no fewer can do · {} waste"
                                : "{} of {} × {}, fewer may do · {} waste",
                        list.boards().size() == 1 ? "1 board" : list.boards().size() + " boards",
                        new Amount(longM, Unit.METRE),
                        new Amount(wideM, Unit.MILLIMETRE),
                        new Amount(list.wasteShare(), Unit.PERCENT)),
                Frame.ToScale.of(
                        at(
                                -ROOM * longM,
                                foot - GAP * wideM * (1 + list.tooLarge().size())),
                        at(columns * pitchX, wideM * (1 + ROOM))),
                drawing.marks(),
                new Twin(List.of("board", "part", "from its end", "from its edge", "long", "wide"), rows));
    }

    private static void board(Drawing drawing, Boards boards, CutList.Board board, int number, Point corner) {
        double wideM = boards.stockWideM().value();
        drawing.box(
                        Role.GHOST,
                        corner.x(),
                        corner.y(),
                        corner.x() + boards.stockLengthM().value(),
                        corner.y() + wideM)
                .note(
                        Role.QUIET,
                        corner,
                        Side.RIGHT,
                        1.1,
                        "board {}: {} left",
                        number,
                        new Amount(board.leftM(), Unit.MILLIMETRE));
        for (CutList.Piece piece : board.pieces()) {
            piece(drawing, piece, corner);
        }
    }

    private static List<Text> row(int board, CutList.Piece piece) {
        return List.of(
                Text.of("{}", board),
                Text.of("{}", piece.name()),
                Text.of(piece.atM(), Unit.MILLIMETRE),
                Text.of(piece.acrossM(), Unit.MILLIMETRE),
                Text.of(piece.lengthM(), Unit.MILLIMETRE),
                Text.of(piece.wideM(), Unit.MILLIMETRE));
    }

    private static void piece(Drawing drawing, CutList.Piece piece, Point corner) {
        double x = corner.x() + piece.atM();
        double y = corner.y() + piece.acrossM();
        Point middle = at(x + piece.lengthM() / 2, y + piece.wideM() / 2);
        drawing.box(Role.PART, x, y, x + piece.lengthM(), y + piece.wideM())
                .note(Role.LABEL, middle, Side.MIDDLE, -0.2, "{}", piece.name())
                .note(Role.QUIET, middle, Side.MIDDLE, 0.9, "{}", new Amount(piece.lengthM(), Unit.MILLIMETRE));
    }
}
