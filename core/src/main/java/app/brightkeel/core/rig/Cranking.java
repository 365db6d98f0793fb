package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Whether a pack also starts an engine, and what that asks of it.
 *
 * @param engine whether it does
 * @param givesA cold cranking current on its label, 10 to 3000 [A]; never assumed
 * @param wantsA least cold cranking current that the engine's maker asks for, 10 to 3000 [A]; never assumed
 */
@RecordBuilder
public record Cranking(boolean engine, Figure givesA, Figure wantsA) implements CrankingBuilder.With {

    public static final Cranking NONE = new Cranking(false, Figure.UNSET, Figure.UNSET);

    public Cranking {
        Figure.within("givesA", givesA, 10, 3000, "A");
        Figure.within("wantsA", wantsA, 10, 3000, "A");
    }
}
