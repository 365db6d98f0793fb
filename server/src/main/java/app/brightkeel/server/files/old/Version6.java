package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Angler;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;

/** Version 6 knows forms of hulls, bodies, adapter plates, turned poles and what holds displays. */
final class Version6 extends Step {

    Version6() {
        brings(Rig.class, "holders");
        brings(Craft.class, "sections");
        brings(Angler.class, "hand");
        brings(Schools.class, "post");
        brings(Device.class, "size", "fixing");
    }
}
