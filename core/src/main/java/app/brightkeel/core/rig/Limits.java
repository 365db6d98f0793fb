package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What the maker of a device allows.
 *
 * @param minV      lowest volts it runs on, 3 to 60 [V]
 * @param maxV      highest volts it stands, 3 to 60 [V]
 * @param maxFuseA  largest fuse in its supply, 0.25 to 100 [A]; never assumed
 * @param minWireMm2 thinnest supply wire as copper area, 0.1 to 50 [mm²]
 */
@RecordBuilder
public record Limits(Figure minV, Figure maxV, Figure maxFuseA, Figure minWireMm2) implements LimitsBuilder.With {

    public static final Limits UNKNOWN = new Limits(Figure.UNSET, Figure.UNSET, Figure.UNSET, Figure.UNSET);

    public Limits {
        Figure.within("minV", minV, 3, 60, "V");
        Figure.within("maxV", maxV, 3, 60, "V");
        Figure.within("maxFuseA", maxFuseA, 0.25, 100, "A");
        Figure.within("minWireMm2", minWireMm2, 0.1, 50, "mm²");
    }
}
