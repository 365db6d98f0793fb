package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Where and how a transducer is held.
 *
 * @param station  id of the station of the craft it sits at, "" where that is not decided
 * @param belowM   face below the hull at that place, negative where it is recessed; on ice below the surface, −0.5 to
 *                 3 [m]
 * @param openingM clear width of the pocket or of the hole in the ice, 0.02 to 1 [m]; of no use for the others
 */
@RecordBuilder
public record Mount(MountKind kind, String station, Figure belowM, Figure openingM) implements MountBuilder.With {

    public static final Mount UNDECIDED = new Mount(MountKind.UNDECIDED, "", Figure.UNSET, Figure.UNSET);

    public Mount {
        Figure.within("belowM", belowM, -0.5, 3, "m");
        Figure.within("openingM", openingM, 0.02, 1, "m");
    }
}
