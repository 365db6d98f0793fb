package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Sockets;

/**
 * Version 13 knows wells, drink holders and where seats fold, what a mount comes off with, drains and drilled lids of boxes, feet of
 * holders, what power leads of devices end in, which devices are second-hand, what comes in the
 * box of what, and what was filled in and is not taken yet.
 */
final class Version13 extends Step {

    Version13() {
        brings(Craft.class, "kept");
        brings(Mount.class, "unit");
        brings(Enclosure.class, "drained", "lidBolts");
        brings(Holder.class, "footBolts");
        brings(Device.class, "secondHand");
        brings(Sockets.class, "power");
        brings(Purchase.class, "cameWith");
        brings(Rig.class, "proposed");
    }
}
