package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Length, width and height of a thing as it stands, or of the room inside a place; each 0.005 to 5 [m].
 *
 * @param deepM  fore and aft
 * @param wideM  athwart
 * @param tallM  upright
 */
@RecordBuilder
public record Size(Figure deepM, Figure wideM, Figure tallM) implements SizeBuilder.With {

    public static final Size UNKNOWN = new Size(Figure.UNSET, Figure.UNSET, Figure.UNSET);

    public Size {
        Figure.within("deepM", deepM, 0.005, 5, "m");
        Figure.within("wideM", wideM, 0.005, 5, "m");
        Figure.within("tallM", tallM, 0.005, 5, "m");
    }

    public boolean known() {
        return deepM.isSet() && wideM.isSet() && tallM.isSet();
    }
}
