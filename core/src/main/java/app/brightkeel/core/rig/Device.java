package app.brightkeel.core.rig;

import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Something that draws current.
 *
 * @param origin id of the catalogue item it was copied from, "" where it was typed from its label
 * @param sockets what fits it
 * @param massKg with its bracket, 0.02 to 30 [kg]; never assumed
 */
@RecordBuilder
public record Device(
        String id,
        String name,
        DeviceKind kind,
        String origin,
        Draw draw,
        Limits limits,
        Sockets sockets,
        Figure massKg)
        implements DeviceBuilder.With {
    public Device {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.text("origin", origin);
        Figure.within("massKg", massKg, 0.02, 30, "kg");
    }
}
