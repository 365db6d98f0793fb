package app.brightkeel.core.garage;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.rig.Adapter;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Grip;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.HolderKind;
import app.brightkeel.core.rig.Limits;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Sockets;
import app.brightkeel.core.rig.Transducer;
import java.util.List;

/** Gear of which nothing is known but its kind and its name. */
public final class Blanks {

    /** Of what it belongs to in a rig, which it does not stand in. */
    private static final String NOTHING = "none";

    private static final Figure OPEN = Figure.UNSET;

    private Blanks() {}

    public static Thing of(ItemKind kind, String name) {
        Checks.name("name", name);
        return switch (kind) {
            case DISPLAY -> new Thing.OwnDevice(device(name, DeviceKind.DISPLAY_7_IN));
            case MODULE -> new Thing.OwnDevice(device(name, DeviceKind.SMALL_PART));
            case TRANSDUCER -> new Thing.OwnTransducer(Transducer.unknown(NOTHING, name));
            case MOUNT -> new Thing.OwnMount(Mount.UNDECIDED);
            case HOLDER -> new Thing.OwnHolder(holder(name));
            case PACK -> new Thing.OwnPack(Pack.unknown(NOTHING, name));
            case CHARGER ->
                new Thing.OwnCharger(new Charger(NOTHING, name, Chemistry.UNDECIDED, 1, OPEN, NOTHING, "", false));
            case LEAD -> new Thing.OwnLead(LeadUse.SUPPLY, OPEN, OPEN);
            case ADAPTER -> new Thing.OwnAdapter(new Adapter(name, OPEN, List.of()));
            case BOX -> new Thing.OwnBox(Enclosure.unknown(NOTHING, name, NOTHING));
            case CRAFT -> new Thing.OwnCraft(name, Craft.of(CraftKind.SIT_ON_TOP));
        };
    }

    private static Device device(String name, DeviceKind kind) {
        return new Device(NOTHING, name, kind, "", new Draw.Undecided(), Limits.UNKNOWN, Sockets.UNKNOWN, OPEN);
    }

    private static Holder holder(String name) {
        return new Holder(
                NOTHING,
                name,
                HolderKind.GIMBAL,
                "",
                NOTHING,
                Grip.NOTHING,
                OPEN,
                OPEN,
                "",
                OPEN,
                OPEN,
                OPEN,
                OPEN,
                false,
                true,
                List.of(),
                "");
    }
}
