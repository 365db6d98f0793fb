package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a battery is kept where it is.
 *
 * @param anchors  strap anchors that hold it, 0 to 12
 * @param blocked  whether something stops it from turning or sliding
 * @param covered  whether its terminals are covered
 * @param overM    above where bilge water stands, 0 to 1 [m]
 * @param toolFree whether it comes out without a tool
 * @param onSide   whether it lies on its side
 * @param apartM   between the two anchors of a strap, 0.02 to 1.5 [m]; unset where nobody measured it
 * @param tried    outside of a battery that it is known to hold; unknown where nobody tried one
 */
@RecordBuilder
public record Held(
        Holding how,
        int anchors,
        boolean blocked,
        boolean covered,
        Figure overM,
        boolean toolFree,
        boolean onSide,
        Size tried,
        Figure apartM)
        implements HeldBuilder.With {

    private static final int ANCHORS_OF_A_STRAP = 2;

    public static final Held UNKNOWN =
            new Held(Holding.UNDECIDED, 0, false, false, Figure.UNSET, false, false, Size.UNKNOWN, Figure.UNSET);

    /** Straps that hold it, two anchors to each; 0 where nothing says that there are any. */
    public int straps() {
        return how == Holding.STRAP || anchors > 0 ? Math.max(1, anchors / ANCHORS_OF_A_STRAP) : 0;
    }

    /** Whether it stands clear of what gathers on the floor under it. */
    public boolean raised() {
        return overM.isSet() && overM.value() > 0;
    }

    public Held {
        Checks.within("anchors", anchors, 0, 12, "strap anchors");
        Figure.within("overM", overM, 0, 1, "m");
        Figure.within("apartM", apartM, 0.02, 1.5, "m");
    }
}
