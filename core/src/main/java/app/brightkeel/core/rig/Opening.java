package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What is known of the opening of a passage besides its width.
 *
 * @param closedBy what closes it round the cables
 * @param partM    narrowest width of the flat part it is in, 0.01 to 3 [m]
 * @param stuff    of that part
 * @param tested   whether it was tried for leaks
 * @param sharp    whether its rim is sharp where a cable wraps round it
 * @param costs    what using it costs in plain words, as "the drain hole"; "" where nothing
 */
@RecordBuilder
public record Opening(
        PassThrough closedBy, Figure partM, Material stuff, BackReach back, boolean tested, String costs, boolean sharp)
        implements OpeningBuilder.With {

    public static final Opening UNKNOWN =
            new Opening(PassThrough.UNDECIDED, Figure.UNSET, Material.UNDECIDED, BackReach.UNKNOWN, false, "", false);

    public Opening {
        Figure.within("partM", partM, 0.01, 3, "m");
        Checks.text("costs", costs);
    }
}
