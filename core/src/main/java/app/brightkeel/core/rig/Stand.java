package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A kickstand that widens the base of what stands on the ice.
 *
 * @param edge  over which it stands out; none where there is no kickstand
 * @param outM  its foot outside that edge, 0.02 to 1 [m]; never assumed
 * @param folds whether it still folds away with everything mounted
 */
@RecordBuilder
public record Stand(BaseEdge edge, Figure outM, boolean folds) implements StandBuilder.With {

    public static final Stand NONE = new Stand(BaseEdge.NONE, Figure.UNSET, false);

    public Stand {
        Figure.within("outM", outM, 0.02, 1, "m");
    }
}
