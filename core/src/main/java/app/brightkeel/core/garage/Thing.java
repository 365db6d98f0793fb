package app.brightkeel.core.garage;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.rig.Adapter;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Transducer;

/**
 * What a piece of gear is, as a rig would hold it. What it names in a rig, as the display that a holder holds, is of no
 * meaning here and stays as it came.
 */
public sealed interface Thing {

    ItemKind kind();

    record OwnDevice(Device device) implements Thing {
        @Override
        public ItemKind kind() {
            return device.kind().display() ? ItemKind.DISPLAY : ItemKind.MODULE;
        }
    }

    record OwnTransducer(Transducer transducer) implements Thing {
        @Override
        public ItemKind kind() {
            return ItemKind.TRANSDUCER;
        }
    }

    record OwnMount(Mount mount) implements Thing {
        @Override
        public ItemKind kind() {
            return ItemKind.MOUNT;
        }
    }

    record OwnHolder(Holder holder) implements Thing {
        @Override
        public ItemKind kind() {
            return ItemKind.HOLDER;
        }
    }

    record OwnPack(Pack pack) implements Thing {
        @Override
        public ItemKind kind() {
            return ItemKind.PACK;
        }
    }

    record OwnCharger(Charger charger) implements Thing {
        @Override
        public ItemKind kind() {
            return ItemKind.CHARGER;
        }
    }

    /**
     * A lead by itself.
     *
     * @param lengthM 0.1 to 60 [m]
     * @param plugM   largest width of its plug, 0.003 to 0.1 [m]
     */
    record OwnLead(LeadUse use, Figure lengthM, Figure plugM) implements Thing {

        /** What is shorter is a joint [m]. */
        public static final double SHORTEST_M = 0.1;

        public OwnLead {
            Figure.within("lengthM", lengthM, SHORTEST_M, 60, "m");
            Figure.within("plugM", plugM, 0.003, 0.1, "m");
        }

        @Override
        public ItemKind kind() {
            return ItemKind.LEAD;
        }
    }

    record OwnAdapter(Adapter adapter) implements Thing {
        @Override
        public ItemKind kind() {
            return ItemKind.ADAPTER;
        }
    }

    record OwnBox(Enclosure box) implements Thing {
        @Override
        public ItemKind kind() {
            return ItemKind.BOX;
        }
    }

    /** @param name that it goes by; a craft in a rig has none */
    record OwnCraft(String name, Craft craft) implements Thing {
        public OwnCraft {
            Checks.name("name", name);
        }

        @Override
        public ItemKind kind() {
            return ItemKind.CRAFT;
        }
    }
}
