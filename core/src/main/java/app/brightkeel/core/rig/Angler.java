package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Who sits in it, and what else is aboard.
 *
 * @param massKg of the angler, dressed, 20 to 250 [kg]; never assumed
 * @param gearKg all other gear, at the middle of the craft, 0 to 300 [kg]
 */
@RecordBuilder
public record Angler(Figure massKg, Figure gearKg) implements AnglerBuilder.With {

    public static final Angler UNKNOWN = new Angler(Figure.UNSET, Figure.UNSET);

    public Angler {
        Figure.within("massKg", massKg, 20, 250, "kg");
        Figure.within("gearKg", gearKg, 0, 300, "kg");
    }
}
