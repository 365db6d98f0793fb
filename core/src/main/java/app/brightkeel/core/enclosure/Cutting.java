package app.brightkeel.core.enclosure;

import app.brightkeel.core.line.DearStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import app.brightkeel.core.rig.Pointer;
import java.util.List;

/** The cut list of what is built of boards; nothing to cut is a list without boards. */
public final class Cutting implements DearStage<Boards, CutList> {

    public static final Cutting STAGE = new Cutting();

    private static final CutList NOTHING = new CutList(List.of(), List.of(), true, 0, 0);

    private Cutting() {}

    @Override
    public String name() {
        return "cut list";
    }

    @Override
    public Outcome<Boards> needs(Line line) {
        return line.get(Boarded.STAGE);
    }

    @Override
    public CutList compute(Boards boards) {
        return boards.parts().isEmpty() ? NOTHING : CutList.of(boards);
    }

    @Override
    public Working working(Line line) {
        Outcome<CutList> outcome = line.get(STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("The cut list", outcome.missing());
        }
        Boards boards = line.rig().fitOut().boards();
        Working.Builder told = Working.of(
                        "The cut list",
                        "blocks of parts with a cut between them, behind each other or side by side",
                        Source.derived("cuts from edge to edge, as a saw makes them"))
                .figure("", "length of a board", boards.stockLengthM(), Unit.METRE, Pointer.boards("stockLengthM"))
                .figure("", "its width", boards.stockWideM(), Unit.MILLIMETRE, Pointer.boards("stockWideM"))
                .figure("", "its thickness", boards.thickM(), Unit.FINE_MILLIMETRE, Pointer.boards("thickM"))
                .figure("", "a cut", boards.kerfM(), Unit.FINE_MILLIMETRE, Pointer.boards("kerfM"))
                .figure("", "a pod hangs over", boards.hangsOverM(), Unit.FINE_MILLIMETRE, Pointer.boards("hangsOverM"))
                .figure("", "inside height of that wall", boards.insideM(), Unit.MILLIMETRE, Pointer.boards("insideM"));
        for (int p = 0; p < boards.parts().size(); p++) {
            BoardPart part = boards.parts().get(p);
            String at = Pointer.boardPart(p, "");
            told.figure("", part.count() + " × " + part.name(), part.lengthM(), Unit.MILLIMETRE, at + "lengthM")
                    .figure("", "wide", part.wideM(), Unit.MILLIMETRE, at + "wideM");
        }
        CutList list = outcome.value();
        for (int b = 0; b < list.boards().size(); b++) {
            CutList.Board board = list.boards().get(b);
            told.remark(
                    "Board {}: {}; {} left.",
                    b + 1,
                    String.join(
                            ", ",
                            board.pieces().stream().map(CutList.Piece::name).toList()),
                    new Amount(board.leftM(), Unit.MILLIMETRE));
        }
        list.tooLarge().forEach(name -> told.remark("{} comes out of no board.", name));
        told.remark(
                list.exact()
                        ? "No fewer boards can do, sawn from edge to edge."
                        : "Too many ways to look at them all: found part by part, fewer boards may do.");
        told.remark("Parts that are marked in place are sawn over length and trimmed there. Pilot holes; small "
                + "countersunk screws; assembled dry with screws half in, taken apart, then glued.");
        if (boards.hangsOverM().isSet()) {
            told.remark(
                    "The lid hangs over on the sides that need not lie flat, never at the wall. Cables leave high on a side; "
                            + "a pod keeps splashes out, it is not tight when it is swamped.");
        }
        return told.step("", "waste, cuts included", list.wasteShare(), Unit.PERCENT)
                .result("", "boards", list.boards().size(), Unit.COUNT)
                .done();
    }
}
