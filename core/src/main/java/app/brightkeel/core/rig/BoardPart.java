package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * One part to be sawn from a board.
 *
 * @param lengthM along the stock, 0.005 to 5 [m]; never assumed
 * @param wideM   across it, 0.005 to 2 [m]; never assumed
 * @param count   of the same, 1 to 12
 * @param turns   whether its grain may run the other way, so that length and width change places
 */
@RecordBuilder
public record BoardPart(String id, String name, Figure lengthM, Figure wideM, int count, boolean turns)
        implements BoardPartBuilder.With {
    public BoardPart {
        Checks.id("id", id);
        Checks.name("name", name);
        Figure.within("lengthM", lengthM, 0.005, 5, "m");
        Figure.within("wideM", wideM, 0.005, 2, "m");
        Checks.within("count", count, 1, 12, "of the same part");
    }
}
