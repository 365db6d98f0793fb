package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Preferences where practitioners differ: they shift advice, they never fail a rig.
 *
 * @param fusing one labelled block, or a fuse on each lead
 */
@RecordBuilder
public record Schools(Fusing fusing) implements SchoolsBuilder.With {

    public static final Schools UNDECIDED = new Schools(Fusing.UNDECIDED);

    /** How branches are fused. */
    public enum Fusing {
        UNDECIDED,
        IN_LINE,
        BLOCK
    }
}
