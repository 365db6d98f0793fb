package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * The cable that a transducer comes with.
 *
 * @param lengthM    as supplied, 0.1 to 50 [m]; never assumed
 * @param extensionM of the maker's extension in it, 0.1 to 30 [m]; open where there is none
 * @param plugM      largest width of its plug, 0.003 to 0.1 [m]; never assumed
 */
@RecordBuilder
public record Lead(Figure lengthM, Figure extensionM, Figure plugM) implements LeadBuilder.With {

    public static final Lead UNKNOWN = new Lead(Figure.UNSET, Figure.UNSET, Figure.UNSET);

    public Lead {
        Figure.within("lengthM", lengthM, 0.1, 50, "m");
        Figure.within("extensionM", extensionM, 0.1, 30, "m");
        Figure.within("plugM", plugM, 0.003, 0.1, "m");
    }

    /** What there is of it [m]; asked only where the length is known. */
    public double totalM() {
        return lengthM.value() + (extensionM.isSet() ? extensionM.value() : 0);
    }
}
