package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * What is built of boards.
 *
 * @param stockLengthM of a board as sold, 0.1 to 6 [m]; never assumed
 * @param stockWideM   its width, 0.02 to 2 [m]; never assumed
 * @param thickM       its thickness, 0.003 to 0.08 [m]; never assumed
 * @param kerfM        width of a cut, 0.0005 to 0.01 [m]
 * @param hangsOverM   thickness of the transom or wall a pod hangs over, 0.005 to 0.15 [m]; unset where it stands
 * @param parts        to be sawn from them
 * @param insideM      inside height of the transom or wall a pod hangs over, from where its floor may rest, 0.05 to 1.5 [m];
 *                     unset where nobody measured it
 */
@RecordBuilder
public record Boards(
        Figure stockLengthM,
        Figure stockWideM,
        Figure thickM,
        Figure kerfM,
        Figure hangsOverM,
        @PartList(PartKind.BOARD_PART) List<BoardPart> parts,
        Figure insideM)
        implements BoardsBuilder.With {

    public static final Boards NONE =
            new Boards(Figure.UNSET, Figure.UNSET, Figure.UNSET, Figure.UNSET, Figure.UNSET, List.of(), Figure.UNSET);

    private static final int MOST_PARTS = 40;

    /** @throws Refusal naming the part for a kerf that is wider than it is long */
    public Boards {
        Figure.within("stockLengthM", stockLengthM, 0.1, 6, "m");
        Figure.within("stockWideM", stockWideM, 0.02, 2, "m");
        Figure.within("thickM", thickM, 0.003, 0.08, "m");
        Figure.within("kerfM", kerfM, 0.0005, 0.01, "m");
        Figure.within("hangsOverM", hangsOverM, 0.005, 0.15, "m");
        Figure.within("insideM", insideM, 0.05, 1.5, "m");
        parts = Checks.atMost("parts", MOST_PARTS, parts);
        for (int p = 0; p < parts.size(); p++) {
            refuseThin("parts[" + p + "].lengthM", parts.get(p).lengthM(), kerfM);
            refuseThin("parts[" + p + "].wideM", parts.get(p).wideM(), kerfM);
        }
    }

    private static void refuseThin(String field, Figure measure, Figure kerfM) {
        if (measure.isSet() && kerfM.isSet() && measure.value() <= kerfM.value()) {
            throw new Refusal(
                    RefusalCode.OUT_OF_RANGE,
                    field,
                    String.valueOf(measure.value()),
                    "more than the kerf of " + kerfM.value() + " m: the saw would leave nothing of it");
        }
    }
}
