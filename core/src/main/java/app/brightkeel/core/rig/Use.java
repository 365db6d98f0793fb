package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How one device is used during a phase.
 *
 * @param device     id of the device
 * @param brightness of its backlight, 0 to 1
 * @param duty       share of the phase it is switched on, 0 to 1
 * @param standby    share of the phase it stands by, 0 to 1; the two together are at most 1
 */
@RecordBuilder
public record Use(@Names(PartKind.DEVICE) String device, Figure brightness, Figure duty, Figure standby)
        implements UseBuilder.With {

    /** On or off, never standing by. */
    public Use(String device, Figure brightness, Figure duty) {
        this(device, brightness, duty, Figure.UNSET);
    }

    public Use {
        Checks.id("device", device);
        Figure.within("brightness", brightness, 0, 1, "(share of full)");
        Figure.within("duty", duty, 0, 1, "(share of the phase)");
        double left = duty.isSet() && duty.basis() != Figure.Basis.ASSUMED ? 1 - duty.value() : 1;
        Figure.within("standby", standby, 0, Math.max(0, left) + 1e-9, "(share of the phase it is not on)");
    }
}
