package app.brightkeel.core.trip;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A part of a trip during which things were used alike.
 *
 * @param hours      that it lasted, 0.05 to 24 [h]
 * @param brightness of the screens, 0 to 1
 * @param modules    share of it for which live modules and the like were on, 0 to 1
 */
@RecordBuilder
public record Leg(double hours, double brightness, double modules) implements LegBuilder.With {

    public Leg {
        Checks.within("hours", hours, 0.05, 24, "h");
        Checks.within("brightness", brightness, 0, 1, "(share of full)");
        Checks.within("modules", modules, 0, 1, "(share of the leg)");
    }
}
