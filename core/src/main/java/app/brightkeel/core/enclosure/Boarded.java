package app.brightkeel.core.enclosure;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.Boards;
import app.brightkeel.core.rig.Pointer;
import java.util.ArrayList;
import java.util.List;

/** What is built of boards, its measures and theirs all given. */
public final class Boarded implements Stage<Boards, Boards> {

    public static final Boarded STAGE = new Boarded();

    private Boarded() {}

    @Override
    public String name() {
        return "boards";
    }

    @Override
    public Outcome<Boards> needs(Line line) {
        Boards boards = line.rig().fitOut().boards();
        List<String> missing = new ArrayList<>();
        if (!boards.parts().isEmpty()) {
            Outcome.want(missing, boards.stockLengthM(), Pointer.boards("stockLengthM"));
            Outcome.want(missing, boards.stockWideM(), Pointer.boards("stockWideM"));
            Outcome.want(missing, boards.thickM(), Pointer.boards("thickM"));
        }
        for (int p = 0; p < boards.parts().size(); p++) {
            Outcome.want(missing, boards.parts().get(p).lengthM(), Pointer.boardPart(p, "lengthM"));
            Outcome.want(missing, boards.parts().get(p).wideM(), Pointer.boardPart(p, "wideM"));
        }
        return Outcome.unless(missing, () -> boards);
    }

    @Override
    public Boards compute(Boards boards) {
        return boards;
    }

    /** Its measures are told with the cuts. */
    @Override
    public Working working(Line line) {
        return Cutting.STAGE.working(line);
    }
}
