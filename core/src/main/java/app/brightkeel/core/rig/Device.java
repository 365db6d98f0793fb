package app.brightkeel.core.rig;

import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Something that draws current.
 *
 * @param origin id of the catalogue item it was copied from, "" where it was typed from its label
 */
@RecordBuilder
public record Device(String id, String name, DeviceKind kind, String origin, Draw draw, Limits limits)
        implements DeviceBuilder.With {
    public Device {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.text("origin", origin);
    }
}
