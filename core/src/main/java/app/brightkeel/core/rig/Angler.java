package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Who sits in it, and what else is aboard.
 *
 * @param massKg of the angler, dressed, 20 to 250 [kg]; never assumed
 * @param tallM  body height, 1 to 2.3 [m]
 * @param gearKg all other gear, at the middle of the craft, 0 to 300 [kg]
 */
@RecordBuilder
public record Angler(Figure massKg, Figure gearKg, Figure tallM, Hand hand) implements AnglerBuilder.With {

    public static final Angler UNKNOWN = new Angler(Figure.UNSET, Figure.UNSET, Figure.UNSET, Hand.UNDECIDED);

    /** Of whom only the masses are known. */
    public Angler(Figure massKg, Figure gearKg) {
        this(massKg, gearKg, Figure.UNSET, Hand.UNDECIDED);
    }

    public Angler {
        Figure.within("massKg", massKg, 20, 250, "kg");
        Figure.within("gearKg", gearKg, 0, 300, "kg");
        Figure.within("tallM", tallM, 1, 2.3, "m");
    }
}
