package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a device takes its power besides what it draws while on.
 *
 * @param standbyW  while it stands by, 0 to 100 [W]
 * @param startW    as it starts, for less than a second, 0 to 2000 [W]: counts for volts, not for hours
 * @param converter share that a converter between pack and device passes on, 0.3 to 1
 */
@RecordBuilder
public record Supply(Figure standbyW, Figure startW, Figure converter) implements SupplyBuilder.With {

    public static final Supply UNKNOWN = new Supply(Figure.UNSET, Figure.UNSET, Figure.UNSET);

    public Supply {
        Figure.within("standbyW", standbyW, 0, 100, "W");
        Figure.within("startW", startW, 0, 2000, "W");
        Figure.within("converter", converter, 0.3, 1, "(share passed on)");
    }
}
