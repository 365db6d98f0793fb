package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How one device is used during a phase.
 *
 * @param device     id of the device
 * @param brightness of its backlight, 0 to 1
 * @param duty       share of the phase it is switched on, 0 to 1
 */
@RecordBuilder
public record Use(String device, Figure brightness, Figure duty) implements UseBuilder.With {
    public Use {
        Checks.id("device", device);
        Figure.within("brightness", brightness, 0, 1, "(share of full)");
        Figure.within("duty", duty, 0, 1, "(share of the phase)");
    }
}
