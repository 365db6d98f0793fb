package app.brightkeel.core.enclosure;

import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Figure;
import java.util.ArrayList;
import java.util.List;

/**
 * A pod of boards derived part by part from what goes into it: a floor, two sides as long as the pod, two ends between
 * them, a lid that hangs over to the front and the two sides, and a hook of two cheeks and a spacer over the transom. The back of the
 * lid is flush, so that it lies flat at the transom. A wall that is taller inside than the pod gets a hanging board behind the
 * pod, longer on purpose, which stands on the floor and carries the hook; a cap lies over the gap in which water would stand.
 *
 * @param inside  clear room
 * @param thickM  of the boards
 * @param hookM   thickness of the transom it hangs on; 0 where it stands on the floor
 * @param wallM   inside height of that transom over the floor; 0 where nobody measured it
 */
public record Pod(Box inside, double thickM, double hookM, double wallM) {

    /** By how much the lid hangs over where water runs off [m]; common practice, no source. */
    private static final double OVERHANG_M = 0.010;

    /** How far the cheeks of a hook reach down over the transom [m]; common practice, no source. */
    private static final double CHEEK_M = 0.120;

    /** Width of a cheek [m]. */
    private static final double CHEEK_WIDE_M = 0.060;

    /** How far ribs reach down behind the pod, and how wide they are [m]; common practice, no source. */
    private static final double LAP_M = 0.100;

    private static final double RIB_WIDE_M = 0.040;

    /** A board that stands free by more than this wants ribs [m]; common practice, no source. */
    private static final double STIFF_M = 0.100;

    /** Play between transom and hook [m]. */
    static final double PLAY_M = 0.002;

    /** Density of a softwood board [kg/m³]; value from memory, 450-550. */
    private static final double WOOD_KG_M3 = 500;

    /** Outside, its lid's overhang not counted. */
    public Box outside() {
        return new Box(inside.deepM() + 2 * thickM, inside.wideM() + 2 * thickM, inside.tallM() + 2 * thickM);
    }

    /** By how much the wall stands over the pod [m], negative where the pod is taller; 0 where it is not known. */
    private double freeM() {
        return wallM > 0 ? wallM - outside().tallM() : 0;
    }

    /** Every part, numbered by its place in the list. */
    public List<BoardPart> parts(String id) {
        List<BoardPart> all = new ArrayList<>();
        double deep = outside().deepM();
        double wide = outside().wideM();
        part(all, id, "floor", inside.deepM(), inside.wideM(), 1);
        part(all, id, "side", deep, inside.tallM() + thickM, 2);
        part(all, id, "end", inside.wideM(), inside.tallM() + thickM, 2);
        // at the transom the back stays flat; what stands alone drips all round
        part(all, id, "lid", deep + (hookM > 0 ? 1 : 2) * OVERHANG_M, wide + 2 * OVERHANG_M, 1);
        if (hookM > 0 && freeM() > 0) {
            part(all, id, "hanging board", wallM, wide, 1);
        }
        if (hookM > 0 && freeM() > STIFF_M) {
            part(all, id, "rib of the hanging board", freeM() + LAP_M, RIB_WIDE_M, 2);
        }
        if (hookM > 0) {
            part(all, id, "cap over the hook", wide, hookM + PLAY_M + 2 * thickM + OVERHANG_M, 1);
            part(all, id, "cheek of the hook", CHEEK_M, CHEEK_WIDE_M, 2);
            part(all, id, "spacer of the hook", CHEEK_WIDE_M, hookM + PLAY_M, 1);
        }
        return all;
    }

    /** Of the boards alone [kg]. */
    public double massKg() {
        return parts("p").stream()
                .mapToDouble(part ->
                        part.count() * part.lengthM().value() * part.wideM().value() * thickM * WOOD_KG_M3)
                .sum();
    }

    private static void part(List<BoardPart> all, String id, String name, double lengthM, double wideM, int count) {
        all.add(new BoardPart(
                id + "-" + (all.size() + 1),
                (all.size() + 1) + " " + name,
                Figure.chosen(rounded(lengthM)),
                Figure.chosen(rounded(wideM)),
                count,
                false));
    }

    private static double rounded(double metres) {
        return Math.round(metres * 1000) / 1000.0;
    }
}
