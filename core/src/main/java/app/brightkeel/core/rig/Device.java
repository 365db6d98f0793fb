package app.brightkeel.core.rig;

import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Something that draws current.
 *
 * @param origin id of the catalogue item it was copied from, "" where it was typed from its label
 * @param supply  how it takes its power
 * @param sockets what fits it
 * @param size   of its body
 * @param textM  height of the figures it shows that matter, 0.001 to 0.06 [m]
 * @param fixing what its back offers to a holder
 * @param massKg with its bracket, 0.02 to 30 [kg]; never assumed
 * @param later  whether it comes another year: its room, its plug and its circuit are kept, its hours are not counted
 * @param secondHand whether somebody else used it before
 */
@RecordBuilder
public record Device(
        String id,
        String name,
        DeviceKind kind,
        String origin,
        Draw draw,
        Limits limits,
        Supply supply,
        Sockets sockets,
        Figure massKg,
        Size size,
        Figure textM,
        Fixing fixing,
        boolean later,
        boolean secondHand)
        implements DeviceBuilder.With {
    /** Of one that is there from the first day, and new. */
    public Device(
            String id,
            String name,
            DeviceKind kind,
            String origin,
            Draw draw,
            Limits limits,
            Supply supply,
            Sockets sockets,
            Figure massKg,
            Size size,
            Figure textM,
            Fixing fixing) {
        this(id, name, kind, origin, draw, limits, supply, sockets, massKg, size, textM, fixing, false, false);
    }

    /** Of which no size is known. */
    public Device(
            String id,
            String name,
            DeviceKind kind,
            String origin,
            Draw draw,
            Limits limits,
            Sockets sockets,
            Figure massKg) {
        this(
                id,
                name,
                kind,
                origin,
                draw,
                limits,
                Supply.UNKNOWN,
                sockets,
                massKg,
                Size.UNKNOWN,
                Figure.UNSET,
                Fixing.UNKNOWN);
    }

    /** How its current goes with its volts: a converter passes on power, whatever hangs behind it. */
    public LoadModel loadModel() {
        return supply.converter().isSet() ? LoadModel.POWER : draw.loadModel();
    }

    public Device {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.text("origin", origin);
        Figure.within("massKg", massKg, 0.02, 30, "kg");
        Figure.within("textM", textM, 0.001, 0.06, "m");
    }
}
