package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How long all of a rig ran on its battery, everything on from full until it stopped.
 *
 * @param hours      that it ran, 0.1 to 200 [h]
 * @param brightness of every backlight, 0 to 1
 * @param tempC      of the battery meanwhile, −40 to 60 [°C]; unset: as on the day that is planned
 */
@RecordBuilder
public record TrialRun(Figure hours, Figure brightness, Figure tempC) implements TrialRunBuilder.With, Worded {

    @Override
    public String words() {
        return hours.isSet() ? hours.value() + " h" : "open";
    }

    public TrialRun {
        Figure.within("hours", hours, 0.1, 200, "h");
        Figure.within("brightness", brightness, 0, 1, "(share of full)");
        Figure.within("tempC", tempC, -40, 60, "°C");
    }
}
