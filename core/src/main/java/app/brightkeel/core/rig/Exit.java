package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A hole in a box: where cables leave it, a bolt goes through, or a part sits in it.
 *
 * @param wall     none: through the lid
 * @param heightM  middle of it above the floor inside, 0 to 1 [m]
 * @param openingM clear width, 0.002 to 0.2 [m]
 * @param closedBy what closes it round the cables
 * @param sealed   whether it is tight again
 * @param use      what it is for
 * @param cut      whether it did not come with the box and is drilled
 */
@RecordBuilder
public record Exit(
        String id,
        String name,
        BaseEdge wall,
        Figure heightM,
        Figure openingM,
        PassThrough closedBy,
        boolean sealed,
        ExitUse use,
        boolean cut)
        implements ExitBuilder.With {
    public Exit {
        Checks.id("id", id);
        Checks.name("name", name);
        Figure.within("heightM", heightM, 0, 1, "m");
        Figure.within("openingM", openingM, 0.002, 0.2, "m");
    }
}
